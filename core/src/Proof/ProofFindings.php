<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** All there is to say against a proven design: one cause, one finding, worst first. */
final class ProofFindings
{
    /** Parts named in one finding at most. */
    private const MOST_NAMED = 12;

    /**
     * @param  list<BehaviourRow>  $behaviours
     * @param  list<FaultOutcome>  $faults
     * @return list<Finding>
     */
    public static function of(Sizing $sizing, array $behaviours, array $faults): array
    {
        $findings = Findings::flat($sizing);
        foreach ($behaviours as $row) {
            $broken = $row->broken();
            if ($broken !== null) {
                $findings[] = self::behaviour($row, $broken);
            }
        }
        array_push($findings, ...self::faults($sizing, $faults));

        return FindingTree::of($findings, $sizing);
    }

    /** @param  array{int, string}  $broken  first state that breaks it, and the part it fails at */
    private static function behaviour(BehaviourRow $row, array $broken): Finding
    {
        return new Finding(
            "not-{$row->behaviour->id}",
            $row->behaviour->severity,
            $broken[1],
            $row->behaviour->briefPath,
            figures: [
                Figure::of('asked-in', Unit::One->of($row->asked())),
                Figure::of('fails-in', Unit::One->of($row->fails())),
            ],
            remedies: $row->behaviour->remedies,
            shownBy: $broken[0],
            reason: Message::of('finding.behaviour.reason', requirement: $row->behaviour->requirement()),
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
        $fire = array_values(array_filter($faults, static fn (FaultOutcome $fault): bool => $fault->harm === Harm::Fire && self::isAvoidable($fault, $sizing)));
        foreach (array_slice($fire, 0, 1) as $worst) {
            $findings[] = new Finding(
                'fault-fire-side',
                Severity::Warning,
                $worst->part,
                '/control',
                [
                    'part' => self::name($sizing, $worst->part),
                    'kind' => Message::of("fault-kind.{$worst->kind->value}"),
                    'effects' => Message::of('sentences', sentences: $worst->effects),
                ],
                [Figure::of('such-faults', Unit::One->of(count($fire)))],
                shownBy: $worst->shownBy,
                faults: [$worst->part => $worst->kind->value],
            );
        }
        $alone = array_values(
            array_filter($faults, static fn (FaultOutcome $fault): bool => $fault->harm === Harm::Stranded && $fault->shownBy !== null && $fault->overrideSaves !== true),
        );
        foreach (array_slice($alone, 0, 1) as $worst) {
            $parts = array_values(array_unique(array_map(static fn (FaultOutcome $fault): string => self::name($sizing, $fault->part), $alone)));
            $findings[] = new Finding(
                'single-points-of-failure',
                Severity::Note,
                $worst->part,
                '/control',
                ['parts' => array_slice($parts, 0, self::MOST_NAMED), 'hasMore' => count($parts) > self::MOST_NAMED],
                [Figure::of('parts-and-wires', Unit::One->of(count($parts)))],
                shownBy: $worst->shownBy,
                faults: [$worst->part => $worst->kind->value],
            );
        }

        return $findings;
    }

    /**
     * Whether another choice of parts would do better: every joint can fail, every motor can jam, a hand can put in the wrong fuse, and the few
     * centimetres before the first fuse have none, and the strap is the vehicle's.
     */
    private static function isAvoidable(FaultOutcome $fault, Sizing $sizing): bool
    {
        foreach ($sizing->circuit->wires as $wire) {
            if ($wire->id === $fault->part && $wire->isBeforeFuse()) {
                return false;
            }
        }

        foreach ($sizing->brief->control->stages as $stage) {
            // A controller limits what it gives a shorted fan, or goes itself.
            if ($fault->kind === FaultKind::Short && in_array($fault->part, $stage->fanIds, true) && $sizing->circuit->sensorOf($stage->id)?->isProportional() === true) {
                return false;
            }
        }

        return $fault->kind->jointOhm() === null && ! $fault->kind->isByHand() && ! in_array($fault->kind, [FaultKind::Jammed, FaultKind::StrapOpen], true);
    }

    private static function name(Sizing $sizing, string $part): string
    {
        return $sizing->circuit->components[$part]->mark ?? $part;
    }
}
