<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Rule\DrivesTooHot;
use LampThread\Sizing\Sizing;

/** All there is to say against a proven design: one cause, one finding, worst first. */
final class ProofFindings
{
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
        array_push($findings, ...(new FaultFindings($sizing, $faults))->all(), ...(new DrivesTooHot)->judge($sizing));

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
}
