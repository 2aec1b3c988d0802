<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\HasCoil;
use LampThread\Circuit\Wire;
use LampThread\Network\Element\Element;
use LampThread\Network\NodeVoltages;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\SmallSignal;

/**
 * How far a reading of a sound circuit may lie from what is expected: every part at the limit of its own tolerance, one after the other, and
 * their effects added as squares, with the instrument's error. Limits: common practice, no source.
 */
final class Tolerance
{
    /** A fan takes so much more or less than told, over its current. */
    private const FAN_SHARE = 0.15;

    /** A coil, as warm as it may be, over its resistance. */
    private const COIL_SHARE = 0.15;

    /** A sound joint may have this much more than it should, Ω, and a wire, over its resistance. */
    private const JOINT_OHM = 0.004;

    private const WIRE_SHARE = 0.1;

    /** The battery rests at so much more or less, and is charged, over its voltage. */
    private const RESTING_SHARE = 0.04;

    private const CHARGED_SHARE = 0.035;

    private readonly SmallSignal $signal;

    /** @var list<array{Element, float, bool}> element, how far off at its limit, V or A, and whether that is a current it takes */
    private array $limits = [];

    public function __construct(private readonly OperatingPoint $point)
    {
        $this->signal = new SmallSignal($point->elements(), $point->voltages);
        foreach ($point->elementsByPart() as $id => $elements) {
            $part = $point->circuit->part($id);
            foreach ($elements as $element) {
                $this->limit($part, $element);
            }
        }
    }

    /** Of a reading in this setting, in its own unit. */
    public function of(Measurement $measurement): float
    {
        $sum = 0.0;
        foreach ($this->limits as [$element, $off, $isCurrent]) {
            $answer = $isCurrent ? $this->signal->taken($element) : $this->signal->inSeries($element);
            $effect = $measurement->reads === Reads::Volt
                ? $answer->across($measurement->from, $measurement->to)
                : $this->currentA($measurement->from, $element, $answer, $isCurrent);
            $sum += ($effect * $off) ** 2;
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

    private function limit(?Breakable $part, Element $element): void
    {
        $ampere = $this->point->currentA($element->name());
        if ($element->name() === Battery::ID || $element->name() === Alternator::ID) {
            $share = $this->point->conditions->engineRpm > 0 ? self::CHARGED_SHARE : self::RESTING_SHARE;
            $this->limits[] = [$element, $share * $this->point->voltages->at($element->from()), false];
        } elseif ($part instanceof FanMotor) {
            $this->limits[] = [$element, self::FAN_SHARE * $ampere, true];
        } elseif ($part instanceof HasCoil && ! $part->isInJoint($element->name())) {
            $this->limits[] = [$element, self::COIL_SHARE * $ampere * ($element->resistanceOhm() ?? 0.0), false];
        } elseif ($part !== null && abs($ampere) > 0.01) {
            $ohm = $part instanceof Wire ? self::WIRE_SHARE * $part->ohm() + self::JOINT_OHM : self::JOINT_OHM;
            $this->limits[] = [$element, $ampere * $ohm, false];
        }
    }
}
