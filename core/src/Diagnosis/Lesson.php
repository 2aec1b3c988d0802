<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** A hidden fault with its story, on one of the demo workshop’s jobs. */
final readonly class Lesson
{
    private const PATH = __DIR__.'/../../data/lessons.json';

    /** @param  list<Symptom>  $seen */
    private function __construct(public string $id, public string $job, public array $seen, private ?string $part, private ?string $kind, private ?string $cooling) {}

    /** @return array<string, self> by id, the easiest first */
    public static function all(): array
    {
        $lessons = [];
        foreach (json_decode((string) file_get_contents(self::PATH), true, flags: JSON_THROW_ON_ERROR)['lessons'] as $one) {
            $lessons[$one['id']] = new self(
                $one['id'], $one['job'], array_values(array_map(Symptom::from(...), $one['seen'])), $one['part'] ?? null, $one['kind'] ?? null, $one['cooling'] ?? null,
            );
        }

        return $lessons;
    }

    /** Which cause of a table it hides; null where the job has it no longer. */
    public function cause(FaultTable $table): ?int
    {
        foreach ($table->causes as $at => $cause) {
            $isIt = $this->cooling === null
                ? $cause->place() === $this->part && $cause->fault((string) $this->part)?->kind->value === $this->kind
                : $cause->outside === $this->cooling;
            if ($isIt) {
                return $at;
            }
        }

        return null;
    }
}
