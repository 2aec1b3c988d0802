<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Brief;
use LampThread\Brief\Found;
use LampThread\Brief\PinnedChoices;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Existing;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Parts\Shelf;

/** What is told of the vehicle as it was found and does not go together, or speaks of what was not there. */
final class FoundCompatibility
{
    /** @return list<Problem> */
    public static function problems(Brief $brief, Shelf $shelf): array
    {
        if ($brief->found === null) {
            return array_map(
                static fn (int $at): Problem => new Problem("/renewed/{$at}", Message::of('refusal.nothing-found')), array_keys($brief->renewed),
            );
        }
        $ofFound = array_map(
            static fn (Problem $problem): Problem => new Problem("/found{$problem->at}", $problem->message), Compatibility::problems($brief->found->brief),
        );
        $circuit = $ofFound === [] ? Existing::of($brief, $shelf)?->circuit : null;

        return $circuit === null ? $ofFound : [...self::named($brief, $circuit), ...self::wrong($brief->found, $circuit)];
    }

    /** @return list<Problem> */
    private static function named(Brief $brief, Circuit $circuit): array
    {
        $parts = array_filter($circuit->components, static fn (Component $component): bool => $component->comesOut());
        $known = [...array_keys($parts), ...array_keys($circuit->wireGroups)];
        $control = $brief->found->brief->control ?? $brief->control;
        // What another arrangement of the same fans and stages would have is told in advance.
        $may = [...$known, ...PinnedChoices::names($brief->found->brief->fans ?? [], array_column($control->stages, 'id'), count($control->overrides))];
        $problems = [];
        foreach (array_keys($brief->found->parts ?? []) as $id) {
            if (! in_array($id, $may, true)) {
                $problems[] = new Problem("/found/parts/{$id}", Message::of('refusal.not-found', id: $id, known: $known));
            }
        }
        foreach ($brief->renewed as $at => $id) {
            if (! in_array($id, $may, true)) {
                $problems[] = new Problem("/renewed/{$at}", Message::of('refusal.not-found', id: $id, known: $known));
            }
        }

        return $problems;
    }

    /** @return list<Problem> */
    private static function wrong(Found $found, Circuit $circuit): array
    {
        $problems = [];
        $known = [...array_keys($circuit->components), ...array_map(static fn (Wire $wire): string => $wire->name(), $circuit->wires)];
        $seen = [];
        foreach ($found->wrong as $at => $wrong) {
            $part = $circuit->named($wrong->part);
            $kind = FaultKind::tryFrom($wrong->fault);
            $can = array_map(static fn (Fault $fault): string => $fault->kind->value, $part?->faults() ?? []);
            $refusal = match (true) {
                $part === null => Message::of('refusal.not-found', id: $wrong->part, known: $known),
                $kind === null || ! in_array($wrong->fault, $can, true) => Message::of('refusal.no-such-fault', fault: $wrong->fault, faults: $can),
                isset($seen[$wrong->part]) => Message::of('refusal.two-faults-of-one', id: $wrong->part),
                default => null,
            };
            $seen[$wrong->part] = true;
            if ($refusal !== null) {
                $problems[] = new Problem("/found/wrong/{$at}", $refusal);
            }
        }

        return $problems;
    }
}
