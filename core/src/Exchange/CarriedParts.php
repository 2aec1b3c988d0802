<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Parts\OwnPart;
use LampThread\Parts\PartKind;
use LampThread\Parts\Shelf;

/** Own parts travel with the job files that use them, so that a job reads on another machine as it did here. */
final readonly class CarriedParts
{
    public function __construct(private Schema $schema, private Shelf $shelf) {}

    /**
     * @param  array<string, mixed>  $file  a job file
     * @param  array<string>  $ids  of parts it uses; those that ship are left out
     * @return array<string, mixed> the file with what others need to read it
     */
    public function added(array $file, array $ids): array
    {
        $named = [...$ids, ...array_values($file['pinned'] ?? []), ...array_column($file['runs'] ?? [], 'conductor')];
        $used = array_intersect_key($this->shelf->own, array_flip(array_filter($named, is_string(...))));
        if ($used === []) {
            return $file;
        }
        $file['ownParts'] = array_values(array_map(static fn (OwnPart $part): array => [
            'id' => $part->id, 'kind' => $part->kind->value, 'name' => $part->name,
            'values' => array_filter($part->values, static fn (float|string|null $value): bool => $value !== null),
        ], $used));

        return $file;
    }

    /**
     * @return list<OwnPart> those a file carries that are not on the shelf yet
     *
     * @throws InvalidInput where one is no part, or is another one here
     */
    public function read(string $json): array
    {
        $data = Json::read($json, JobFile::MOST_BYTES);
        $carried = is_object($data) ? $data->ownParts ?? [] : [];
        if ($carried === []) {
            return [];
        }
        $this->schema->check('own-parts', $carried);
        $parts = [];
        $problems = [];
        foreach ($carried as $at => $told) {
            $values = array_map(static fn (mixed $value): mixed => is_int($value) ? (float) $value : $value, (array) $told->values);
            $part = OwnPart::of($told->id, PartKind::from($told->kind), $told->name, $values, false, $this->shelf->gates);
            $here = $this->shelf->own[$told->id] ?? null;
            if (is_array($part)) {
                foreach ($part as $field => $message) {
                    $problems[] = new Problem("/ownParts/{$at}/{$field}", $message);
                }
            } elseif ($here === null) {
                $parts[$part->id] = $part;
            } elseif ($here->kind !== $part->kind || $here->values != $part->values) {
                $problems[] = new Problem("/ownParts/{$at}", Message::of('input.part.other-here', name: $here->name));
            }
        }

        return $problems === [] ? array_values($parts) : throw new InvalidInput($problems);
    }
}
