<?php

declare(strict_types=1);

namespace LampThread\Observation;

use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Limit;
use LampThread\Circuit\Component\Rail;
use LampThread\Network\Element\Element;
use LampThread\Network\NodeVoltages;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\SmallSignal;

/**
 * How far a reading of a sound circuit may lie from what is expected: every part at the limit of its own tolerance, one after the other, and
 * their effects added as squares, with the instrument's error. What electronics have inside is not known at all, within bounds: it is told apart.
 */
final class Tolerance
{
    /** What is off by less, V or A, moves no reading. */
    private const NOTHING = 1e-4;

    /** A wire that is shorter than told, or a contact better than usual: so much of what one may be worse (common practice, no source). */
    private const BETTER_SHARE = 0.2;

    private readonly SmallSignal $signal;

    /** @var list<array{Element, Limit}> */
    private array $limits = [];

    /** @var list<array{Element, float}> element inside electronics, and what it takes more or less at most, A */
    private array $insides = [];

    public function __construct(private readonly OperatingPoint $point)
    {
        $this->signal = new SmallSignal($point->elements(), $point->voltages);
        foreach ($point->elementsByPart() as $id => $elements) {
            $part = $point->circuit->part($id);
            foreach ($elements as $element) {
                $volts = $point->voltages->across($element->from(), $element->to());
                $limit = $part?->limit($element, $point->currentA($element->name()), $volts);
                if ($limit !== null && $limit->times !== 1.0) {
                    $this->insides[] = [$element, $this->takenA($element, $limit->times, $volts)];
                } elseif ($limit !== null && abs($limit->volts) + abs($limit->ampere) > self::NOTHING) {
                    $this->limits[] = [$element, $limit];
                }
            }
        }
    }

    /**
     * Between what a reading in this setting lies of any sound vehicle, in its own unit: its contacts all as old as the oldest, and an alternator
     * that does not quite hold its volts.
     *
     * @return array{float, float} the least and the most
     */
    public function bounds(Measurement $measurement): array
    {
        $value = $measurement->value($this->point);
        [$less, $more, $others] = [0.0, 0.0, 0.0];
        foreach ($this->limits as [$element, $limit]) {
            $effect = $this->effect($measurement, $element, $limit);
            // A contact is hardly ever better than a new one.
            $less += $limit->isOfJoint ? max(-$effect, self::BETTER_SHARE * $effect) : 0.0;
            $more += $limit->isOfJoint ? max($effect, -self::BETTER_SHARE * $effect) : 0.0;
            $others += $limit->isOfJoint ? 0.0 : $effect ** 2;
        }
        $by = sqrt($others) + $measurement->reads->error($value) + $this->half($measurement);

        return [min($value - $less - $by, $value - $this->mayLackShare() * abs($value)), $value + $more + $by];
    }

    /** What its parts and the instrument make of it, one part as often off as another, without what nobody prints. */
    public function spread(Measurement $measurement): float
    {
        $sum = 0.0;
        foreach ($this->limits as [$element, $limit]) {
            $sum += $this->effect($measurement, $element, $limit) ** 2;
        }

        return sqrt($sum) + $measurement->reads->error($measurement->value($this->point));
    }

    private function effect(Measurement $measurement, Element $element, Limit $limit): float
    {
        return $limit->ampere !== 0.0 ? $this->ofTaken($measurement, $element, $limit->ampere) : $this->ofSeries($measurement, $element, $limit->volts);
    }

    /** Share of its volts the system may lack. */
    private function mayLackShare(): float
    {
        $volts = $this->point->voltages->at(Rail::SUPPLY);
        $engineRpm = $this->point->conditions->engineRpm;
        $shares = [0.0];
        foreach ($engineRpm > 0 ? $this->point->circuit->each(Alternator::class) : [] as $alternator) {
            $shares[] = 1 - $alternator->mayFallToV($engineRpm, abs($this->point->currentA($alternator->id)), $volts) / $volts;
        }

        return max($shares);
    }

    /**
     * How far what is inside electronics may put it to either side. Two such resistances in one divider multiply what they do; no reading is more
     * than the supply’s volts off.
     */
    public function half(Measurement $measurement): float
    {
        $value = abs($measurement->value($this->point));
        $sum = 0.0;
        $times = 1.0;
        foreach ($this->insides as [$element, $moreA]) {
            $effect = abs($this->ofTaken($measurement, $element, $moreA));
            $sum += $effect;
            $times *= $value > self::NOTHING ? 1 + $effect / $value : 1.0;
        }
        $most = $measurement->reads === Reads::Volt ? abs($this->point->voltages->at(Rail::SUPPLY)) : INF;

        return $sum < self::NOTHING ? 0.0 : min($most, max($sum, $value * ($times - 1)));
    }

    private function ofTaken(Measurement $measurement, Element $element, float $ampere): float
    {
        $answer = $this->signal->taken($element);

        return $ampere * ($measurement->reads === Reads::Volt
            ? $answer->across($measurement->from, $measurement->to) : $this->currentA($measurement->from, $answer, 0.0) + ($element->name() === $measurement->from ? 1.0 : 0.0));
    }

    private function ofSeries(Measurement $measurement, Element $element, float $volts): float
    {
        $answer = $this->signal->inSeries($element);

        return $volts * ($measurement->reads === Reads::Volt
            ? $answer->across($measurement->from, $measurement->to) : $this->currentA($measurement->from, $answer, $element->name() === $measurement->from ? 1.0 : 0.0));
    }

    /** What a resistance so many times more or less takes more or less, whichever is more, A: exact, whatever the size. */
    private function takenA(Element $element, float $times, float $volts): float
    {
        [$conductanceS] = $element->companion($volts);
        $ohm = -$this->signal->taken($element)->across($element->from(), $element->to());
        $most = 0.0;
        foreach ([$times - 1, 1 / $times - 1] as $share) {
            $moreA = $share * $conductanceS * $volts / (1 + $share * $conductanceS * $ohm);
            $most = abs($moreA) > abs($most) ? $moreA : $most;
        }

        return $most;
    }

    /** @param  float  $driven  volts that drive the wire itself, from its end to its beginning */
    private function currentA(string $wire, NodeVoltages $answer, float $driven): float
    {
        foreach ($this->point->elements() as $element) {
            if ($element->name() === $wire) {
                [$conductanceS] = $element->companion($this->point->voltages->across($element->from(), $element->to()));

                return $conductanceS * ($answer->across($element->from(), $element->to()) - $driven);
            }
        }

        return 0.0;
    }
}
