<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Measure;
use LampThread\Circuit\Component\Rating;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Operation\OperatingPoint;

/** What is not chosen from the shelf but must stand what goes through it: switches, outputs, earth points, diode, resistor. */
final readonly class GivenRatings
{
    /** Start current over its rating that a switch not made for motors stands (common practice, no source). */
    private const START_SHARE = 2.5;

    /** Above this it is a fan that goes through a switch, and no coil, A. */
    private const FAN_FROM_A = 1.0;

    /** @param  StartSurges  $starts  of switches that carry a fan themselves */
    public function __construct(private Circuit $circuit, private OperatingEnvelope $envelope, private StartSurges $starts) {}

    /** @return list<string> elements of switches that carry a fan, whose start counts */
    public static function carrying(Circuit $circuit, OperatingEnvelope $envelope): array
    {
        $elements = [];
        foreach ($circuit->components as $component) {
            $rating = $component->rating();
            if ($rating?->kind === 'switch' && $rating->measure === Measure::ElementCurrent && $envelope->greatestA($rating->at[0]) > self::FAN_FROM_A) {
                $elements[] = $rating->at[0];
            }
        }

        return $elements;
    }

    /** @return array<string, Choice> by component */
    public function all(): array
    {
        $judged = [];
        foreach ($this->circuit->components as $id => $component) {
            $rating = $component->rating();
            if ($rating !== null) {
                $judged[$id] = $this->judge($id, $component->name, $rating);
            }
        }

        return $judged;
    }

    private function judge(string $id, Message $name, Rating $rating): Choice
    {
        $measured = $this->measured($rating);
        $rated = $rating->series === [] ? $rating->limit : self::smallest($rating, $measured);
        $ratedQuantity = new Quantity($rated, $rating->unit);
        $label = $rating->series === [] ? $rating->label : Message::of('part.rated-at', part: $rating->label, rated: $ratedQuantity);
        $constraint = new Constraint($rating->constraint, $measured, $rated * $rating->usableShare, $rating->unit, [
            'share' => Unit::Percent->of(100 * $rating->usableShare), 'rated' => $ratedQuantity,
        ]);

        $constraints = [$constraint];
        if ($rating->kind === 'switch' && $this->starts->has($rating->at[0])) {
            $start = $this->starts->surge($rating->at[0]);
            $constraints[] = new Constraint('switched-start', $start->peakA, self::START_SHARE * $rated, Unit::Ampere, [
                'times' => self::START_SHARE, 'rated' => $ratedQuantity, 'duration' => Unit::Second->of($start->durationS),
            ]);
        }

        return Choice::given($id, $rating->kind, $name, new Candidate(new GivenPart($id, $label), $constraints), $rating->briefPath);
    }

    private function measured(Rating $rating): float
    {
        return $this->envelope->greatest(match ($rating->measure) {
            Measure::ElementCurrent => static fn (OperatingPoint $point): float => max(array_map(
                static fn (string $element): float => abs($point->currentA($element)), $rating->at,
            )),
            Measure::TerminalCurrent => static fn (OperatingPoint $point): float => max(array_map(
                static fn (string $terminal): float => self::intoA($terminal, $point), $rating->at,
            )),
            Measure::TerminalVoltage => static fn (OperatingPoint $point): float => max(array_map($point->voltages->at(...), $rating->at)),
            Measure::Dissipation => static fn (OperatingPoint $point): float => max(array_map(
                static fn (string $element): float => $point->currentA($element) ** 2 * $rating->ohm, $rating->at,
            )),
        });
    }

    /** What wires bring to a terminal, A. */
    private static function intoA(string $terminal, OperatingPoint $point): float
    {
        $intoA = 0.0;
        foreach ($point->circuit->wires as $wire) {
            $intoA += $wire->to === $terminal ? abs($point->currentA($wire->id)) : 0.0;
        }

        return $intoA;
    }

    /** The smallest rating of its series that stands what was measured; the largest where none does. */
    private static function smallest(Rating $rating, float $measured): float
    {
        foreach ($rating->series as $rated) {
            if ($measured <= $rating->usableShare * $rated) {
                return $rated;
            }
        }

        return $rating->series[count($rating->series) - 1];
    }
}
