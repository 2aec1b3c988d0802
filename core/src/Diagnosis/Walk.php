<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** The way from a complaint to the fault where every answer is right: what is planned, test after test. */
final class Walk
{
    /** No fault takes more. */
    private const MOST = 30;

    /** @var array<string, Test|null> answers so far to what is tested then; null where it ends */
    private array $planned = [];

    /** @var array<string, float> the same to what that takes, min */
    private array $minutes = [];

    /** @param  list<Tool>  $tools */
    public function __construct(private readonly FaultTable $table, private readonly LampReading $lamp, private readonly array $tools) {}

    /**
     * @param  list<Symptom>  $seen
     * @param  list<Answer>  $answers  given already
     * @return array{answers: list<Answer>, minutes: float} with what follows
     */
    public function toFault(int $cause, array $seen, array $answers = []): array
    {
        $key = implode('+', array_map(static fn (Symptom $symptom): string => $symptom->value, $seen));
        $minutes = 0.0;
        for ($step = 0; $step < self::MOST; $step++) {
            if (! array_key_exists($key, $this->planned)) {
                $trail = new Trail($this->table, $this->lamp, $seen, $answers, $this->tools);
                $next = $trail->found() === null ? $trail->next()[0] ?? null : null;
                $this->planned[$key] = $next?->test;
                $this->minutes[$key] = $next->minutes ?? 0.0;
            }
            $test = $this->planned[$key];
            if ($test === null) {
                break;
            }
            $minutes += $this->minutes[$key];
            $value = $this->shown($test, $cause);
            $answers[] = new Answer($test, $value);
            $key .= ";{$test->id()}=".Reading::outcome($test, $value);
        }

        return ['answers' => $answers, 'minutes' => $minutes];
    }

    /** What a test shows where a cause is what is wrong. */
    public function shown(Test $test, int $cause): float
    {
        return (new Trail($this->table, $this->lamp, [], [], []))->shown($test, [$cause])[$cause];
    }
}
