<?php

declare(strict_types=1);

namespace LampThread\Sizing;

/**
 * Which relays a job takes as a whole: the least spent on relays and one spare of each type, so that the same type is taken
 * throughout where that costs little. Found exactly, by trying every set of types.
 */
final class RelayTypes
{
    /** Sets of more types than this are not tried; the cheapest that fit something are. */
    private const MOST_TYPES = 12;

    /**
     * @param  array<string, list<Candidate>>  $candidates  by relay, that may be chosen freely
     * @return array<string, string> relay to part id; a relay that nothing fits is left out
     */
    public static function cheapest(array $candidates): array
    {
        $prices = [];
        $fits = [];
        foreach ($candidates as $relay => $ofRelay) {
            foreach ($ofRelay as $candidate) {
                if ($candidate->fits()) {
                    $prices[$candidate->part->id()] = $candidate->price() ?? 0.0;
                    $fits[$relay][$candidate->part->id()] = true;
                }
            }
        }
        asort($prices);
        $prices = array_slice($prices, 0, self::MOST_TYPES, true);
        $types = array_keys($prices);
        $least = [INF, INF];
        $cheapest = [];
        for ($set = 1; $set < 1 << count($types); $set++) {
            $carried = array_values(array_filter($types, static fn (int $at): bool => ($set >> $at & 1) === 1, ARRAY_FILTER_USE_KEY));
            $taken = [];
            $cost = array_sum(array_map(static fn (string $type): float => $prices[$type], $carried));
            foreach ($fits as $relay => $fitting) {
                foreach ($carried as $type) {
                    if (isset($fitting[$type])) {
                        $taken[$relay] = $type;
                        $cost += $prices[$type];
                        break;
                    }
                }
            }
            if (count($taken) === count($fits) && [$cost, count($carried)] < $least) {
                $least = [$cost, count($carried)];
                $cheapest = $taken;
            }
        }

        return $cheapest;
    }
}
