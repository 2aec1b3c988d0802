<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Component\Rail;
use LampThread\Network\Element\CurrentSource;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodalAnalysis;

/** A resistance meter on two terminals of a circuit as it stands, with the battery taken off. */
final class Ohmmeter
{
    /** Above this it shows open, Ω. */
    private const OPEN_OHM = 20e6;

    /** @return float|null Ω; null for open */
    public static function between(OperatingPoint $point, string $from, string $to): ?float
    {
        if ($from === $to) {
            return 0.0;
        }
        $elements = [];
        $edges = [[$from, $to]];
        foreach ($point->elements() as $element) {
            $isVehicles = $element->from() === Rail::SUPPLY && $element->to() === Rail::EARTH;
            $ohm = $isVehicles ? null : $element->resistanceOhm();
            if ($ohm !== null) {
                $elements[] = new Resistor($element->name(), $element->from(), $element->to(), $ohm);
                $edges[] = [$element->from(), $element->to()];
            }
        }
        // The black lead is the reference, so that nothing else need be; of one ampere there are as many volts as ohms.
        $ohm = (new NodalAnalysis($to, $edges))->solve([...$elements, new CurrentSource('meter', $from, $to, 1.0)])[$from];

        return $ohm > self::OPEN_OHM ? null : $ohm;
    }
}
