<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Sizing\Sizing;

/** All there is to say against a proven design: one cause, one finding, worst first. */
final class ProofFindings
{
    /** A behaviour that a rule with more to say has already been heard on. */
    private const SAID_BY = [
        'comes-to-rest' => ['relay-chatters'],
        'clutch-not-fed-back' => ['clutch-fed-backwards'],
        'within-ratings' => ['feed-without-fuse', 'fuse-over-wire', 'relay-over-rating', 'switch-over-rating', 'wire-over-ampacity', 'shared-fuse-overloaded', 'fuse-over-load', 'rest-over-rating'],
        'stages-in-order' => ['stages-out-of-order', 'low-and-high-exchanged'],
        'runs-when-hot' => ['hose-adapter-no-earth', 'coil-does-not-pull', 'relay-chatters'],
        'rests' => ['hose-adapter-no-earth', 'coil-does-not-let-go', 'clutch-fed-backwards'],
        'obeys-override' => ['coil-does-not-pull', 'relay-chatters'],
        'bare-terminals-dead' => ['runs-with-key-out'],
        'dead-with-key-out' => ['runs-with-key-out', 'not-held-off', 'not-rests'],
    ];

    /**
     * @param  list<BehaviourRow>  $behaviours
     * @param  list<FaultOutcome>  $faults
     * @return list<Finding>
     */
    public static function of(Sizing $sizing, array $behaviours, array $faults): array
    {
        $findings = Findings::of($sizing);
        $codes = array_map(static fn (Finding $finding): string => $finding->code, $findings);
        foreach ($behaviours as $row) {
            $broken = $row->broken();
            if ($broken !== null && array_intersect(self::SAID_BY[$row->behaviour->id] ?? [], $codes) === []) {
                $findings[] = self::behaviour($row, $broken);
                $codes[] = "not-{$row->behaviour->id}";
            }
        }
        array_push($findings, ...self::faults($sizing, $faults));

        return Findings::ordered($findings);
    }

    /** @param  array{int, string}  $broken */
    private static function behaviour(BehaviourRow $row, array $broken): Finding
    {
        $asked = array_sum(array_column($row->cells, 'asked'));
        $held = array_sum(array_column($row->cells, 'held'));

        return new Finding(
            "not-{$row->behaviour->id}",
            $row->behaviour->severity,
            $row->behaviour->broken,
            "Wanted: {$row->behaviour->words}.",
            $broken[1],
            $row->behaviour->briefPath,
            ['asked in' => [(float) $asked, 'states'], 'fails in' => [(float) ($asked - $held), 'states']],
            $row->behaviour->remedies,
            $broken[0],
        );
    }

    /**
     * Single points of failure by what fails: the parts that leave no cooling alone, and those that leave the fire side open.
     *
     * @param  list<FaultOutcome>  $faults
     * @return list<Finding>
     */
    private static function faults(Sizing $sizing, array $faults): array
    {
        $findings = [];
        $fire = array_values(array_filter($faults, static fn (FaultOutcome $fault): bool => $fault->harm === Harm::FireSide));
        foreach (array_slice($fire, 0, 1) as $worst) {
            $findings[] = new Finding(
                'fault-fire-side',
                Severity::Warning,
                'A single fault overloads something and no fuse opens',
                sprintf('%s %s: %s', self::name($sizing, $worst->part), $worst->kind->words(), $worst->words),
                $worst->part,
                '/control',
                ['such faults' => [(float) count($fire), '']],
                [],
                $worst->shownBy,
                [$worst->part => $worst->kind->value],
            );
        }
        $alone = array_values(array_filter($faults, static fn (FaultOutcome $fault): bool => $fault->harm === Harm::NoCooling && $fault->overrideSaves !== true));
        foreach (array_slice($alone, 0, 1) as $worst) {
            $parts = array_values(array_unique(array_map(static fn (FaultOutcome $fault): string => self::name($sizing, $fault->part), $alone)));
            $findings[] = new Finding(
                'single-points-of-failure',
                Severity::Note,
                'One fault alone can leave no cooling',
                'Neither another fan nor the driver makes up for it: '.implode(', ', array_slice($parts, 0, 12)).(count($parts) > 12 ? ' and others.' : '.'),
                $worst->part,
                '/control',
                ['parts and wires' => [(float) count($parts), '']],
                [],
                $worst->shownBy,
                [$worst->part => $worst->kind->value],
            );
        }

        return $findings;
    }

    private static function name(Sizing $sizing, string $part): string
    {
        return $sizing->circuit->components[$part]->mark ?? $part;
    }
}
