<?php

declare(strict_types=1);

namespace LampThread\Observation;

use LampThread\Circuit\Component\Limit;
use LampThread\Network\Element\Element;
use LampThread\Network\NodeVoltages;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\SmallSignal;

/**
 * How far a reading of a sound circuit may lie from what is expected: every part at the limit of its own tolerance, one after the other, and
 * their effects added as squares, with the instrument's error.
 */
final class Tolerance
{
    /** What is off by less, V or A, moves no reading. */
    private const NOTHING = 1e-4;

    private readonly SmallSignal $signal;

    /** @var list<array{Element, Limit}> */
    private array $limits = [];

    public function __construct(private readonly OperatingPoint $point)
    {
        $this->signal = new SmallSignal($point->elements(), $point->voltages);
        foreach ($point->elementsByPart() as $id => $elements) {
            $part = $point->circuit->part($id);
            foreach ($elements as $element) {
                $limit = $part?->limit($element, $point->currentA($element->name()), $point->voltages->across($element->from(), $element->to()));
                if ($limit !== null && abs($limit->volts) + abs($limit->ampere) > self::NOTHING) {
                    $this->limits[] = [$element, $limit];
                }
            }
        }
    }

    /** Of a reading in this setting, in its own unit. */
    public function of(Measurement $measurement): float
    {
        $sum = 0.0;
        foreach ($this->limits as [$element, $limit]) {
            $isTaken = $limit->ampere !== 0.0;
            $answer = $isTaken ? $this->signal->taken($element) : $this->signal->inSeries($element);
            $effect = $measurement->reads === Reads::Volt
                ? $answer->across($measurement->from, $measurement->to)
                : $this->currentA($measurement->from, $element, $answer, $isTaken);
            $sum += ($effect * ($limit->volts + $limit->ampere)) ** 2;
        }

        return sqrt($sum) + $measurement->reads->error($measurement->value($this->point));
    }

    private function currentA(string $wire, Element $cause, NodeVoltages $answer, bool $isTaken): float
    {
        foreach ($this->point->elements() as $element) {
            if ($element->name() === $wire) {
                [$conductanceS] = $element->companion($this->point->voltages->across($element->from(), $element->to()));
                $own = $cause->name() === $wire && ! $isTaken ? 1.0 : 0.0;

                return $conductanceS * ($answer->across($element->from(), $element->to()) - $own);
            }
        }

        return 0.0;
    }
}
