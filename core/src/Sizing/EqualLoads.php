<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;

/**
 * Fuses that feed equal fans. They are chosen alike, by the one that carries most: twins are wired alike, and need one spare (common practice,
 * no source).
 *
 * @internal
 */
final class EqualLoads
{
    /** @return list<non-empty-list<Fuse>> every fuse of the loom, with those that feed the like of what it feeds */
    public static function of(Circuit $circuit): array
    {
        $fed = self::fansBehind($circuit);
        $alike = [];
        foreach ($circuit->each(Fuse::class) as $fuse) {
            $loads = array_map(
                static fn (FanMotor $motor): string => "{$motor->fan->ratedV} V, {$motor->fan->runA} A, {$motor->fan->startA} A", array_values($fed[$fuse->id] ?? []),
            ) ?: [$fuse->id];
            sort($loads);
            $alike[implode('; ', $loads)][] = $fuse;
        }

        return array_values($alike);
    }

    /** @return array<string, array<string, FanMotor>> what protects a feed to the fans it feeds, by id */
    public static function fansBehind(Circuit $circuit): array
    {
        $fed = [];
        $motors = array_column($circuit->each(FanMotor::class), null, 'id');
        foreach ($circuit->wireGroups as $group) {
            $motor = $motors[explode(':', $group->loadFrom)[0]] ?? null;
            if ($motor !== null) {
                $fed[$group->protectedBy][$motor->id] = $motor;
            }
        }

        return $fed;
    }
}
