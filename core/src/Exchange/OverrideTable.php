<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Fan;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Override\Override;
use LampThread\Circuit\Control\Override\OverridesOf;
use LampThread\Message\Message;
use LampThread\Operation\Solver;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\Sizing;

/** What the driver's switches do together: for every set of their positions, which fans run cold and which hot, read off the solved circuit. */
final class OverrideTable
{
    private const COLD_C = 20.0;

    /** @return array<string, mixed>|null null without an override */
    public static function of(Sizing $sizing): ?array
    {
        $overrides = OverridesOf::control($sizing->brief->control);
        if ($overrides === []) {
            return null;
        }
        $inputs = array_intersect_key($sizing->circuit->inputs(), array_flip(array_map(static fn (Override $one): string => $one->switchId(), $overrides)));
        $sets = [[]];
        foreach ($inputs as $id => $input) {
            $longer = [];
            foreach ($sets as $set) {
                foreach ($input['positions'] as $position) {
                    $longer[] = [...$set, $id => $position];
                }
            }
            $sets = $longer;
        }
        $solver = new Solver($sizing->circuit);
        $hotC = OperatingEnvelope::hottestC($sizing->circuit) + 1.0;

        return [
            'switches' => array_values(array_map(static fn (array $input): Message => $input['label'], $inputs)),
            'fans' => array_map(static fn (Fan $fan): string => $fan->name, $sizing->brief->fans),
            'rows' => array_map(static fn (array $set): array => [
                'positions' => array_values(array_map(static fn (string $position): Message => Message::of("position.{$position}"), $set)),
                'cold' => self::running($sizing, $solver, $set, self::COLD_C),
                'hot' => self::running($sizing, $solver, $set, $hotC),
            ], $sets),
        ];
    }

    /**
     * @param  array<string, string>  $positions
     * @return list<bool> by fan, key on and engine idling
     */
    private static function running(Sizing $sizing, Solver $solver, array $positions, float $coolantC): array
    {
        $point = $solver->settle(new OperatingConditions(Key::Run, Assumptions::IDLE_RPM, $coolantC, $positions));

        return array_map(static fn (Fan $fan): bool => $point->position($fan->id) === FanMotor::TURNING, $sizing->brief->fans);
    }
}
