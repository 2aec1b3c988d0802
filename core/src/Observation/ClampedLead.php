<?php

declare(strict_types=1);

namespace LampThread\Observation;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Operation\OperatingPoint;

/** The wire a clamp goes round for a fan: of several into its plug the one that carries most. */
final readonly class ClampedLead
{
    /** Two wires that carry so little more than one another carry the same, A. */
    private const SAME_A = 1e-3;

    /** @return string the wire; the motor itself where no wire leads to it */
    public static function of(FanMotor $motor, OperatingPoint $point): string
    {
        $circuit = $point->circuit;
        $wires = [...$circuit->wiresInto($motor->terminal('+')), ...$circuit->wiresInto($motor->terminal('-'))];
        $lead = $wires[0]->id ?? $motor->id;
        foreach ($wires as $wire) {
            if (abs($point->currentA($wire->id)) > abs($point->currentA($lead)) + self::SAME_A) {
                $lead = $wire->id;
            }
        }

        return $lead;
    }
}
