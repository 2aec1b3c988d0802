<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Unusable;

/** Reads texts typed at places of a job file: quantities in any unit, wire sizes of any catalogue. */
final readonly class Typed
{
    public function __construct(private TypedConductor $conductor) {}

    /**
     * @param  array<string, mixed>  $typed  pointer to text
     * @param  array<string, mixed>  $file  the job they are typed into
     * @return array<string, float|string> pointer to value
     *
     * @throws Unusable naming every place whose text is not understood
     */
    public function values(array $typed, array $file): array
    {
        $values = [];
        $problems = [];
        foreach ($typed as $pointer => $text) {
            try {
                $values[$pointer] = match (true) {
                    ! is_string($text) => throw Unusable::because($pointer, 'must be text.'),
                    str_starts_with($pointer, '/pinned/') => $this->conductor->read($text, $pointer, $file['wiring']['catalogue']),
                    default => TypedQuantity::read($text, $pointer),
                };
            } catch (Unusable $unusable) {
                array_push($problems, ...$unusable->problems);
            }
        }

        return $problems === [] ? $values : throw new Unusable($problems);
    }
}
