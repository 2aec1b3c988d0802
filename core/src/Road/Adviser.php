<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\SteplessController;
use LampThread\Brief\TemperatureBand;
use LampThread\Brief\ThermalSwitch;
use LampThread\Shelf\Shelf;
use LampThread\Shelf\SwitchPart;

/**
 * Proposes on and off for every stage: off above the thermostat's opening as it is felt there, on at least two kelvin above it, stages
 * five kelvin apart, all below the ceiling; a fixed switch from the pairs the shelf has, anything else in the steps it can be set to.
 */
final readonly class Adviser
{
    /** Least margins, K (common practice, no source). */
    private const OFF_ABOVE_K = 1.0;

    private const ON_ABOVE_K = 2.0;

    private const STAGE_STEP_K = 5.0;

    private const BELOW_CEILING_K = 4.0;

    private const BELOW_BOILING_K = 8.0;

    /** What an adjustable thermostat or a computer can be set to, K (common practice, no source). */
    private const STEP_K = 0.5;

    public function __construct(private Brief $brief, private Shelf $shelf) {}

    /** @return list<Advice> for the stages a temperature decides */
    public function advise(School $school, Gap $gap): array
    {
        $advices = [];
        $later = 0;
        foreach ($this->brief->control->stages as $at => $stage) {
            $band = $stage->decider->band();
            if ($band !== null) {
                $isFixed = $stage->decider instanceof ThermalSwitch;
                $advices[] = $this->stage($at, $band, $school, $gap, $later++, $isFixed, $stage->decider instanceof SteplessController);
            }
        }

        return $advices;
    }

    private function stage(int $at, TemperatureBand $band, School $school, Gap $gap, int $later, bool $isFixed, bool $isStepless): Advice
    {
        $cooling = $this->brief->cooling;
        $dropK = $band->place->dropAcrossCoreK();
        $opensC = $cooling->thermostatOpensC - $dropK;
        $boilsC = Coolant::boilsC($cooling->capKpa, $cooling->glycolPercent);
        $mostC = min($cooling->ceilingC - self::BELOW_CEILING_K, $boilsC - self::BELOW_BOILING_K) - $dropK;
        $leastOffC = $opensC + self::OFF_ABOVE_K;
        $wantedOnC = max($opensC + $school->onAboveK(), $leastOffC + $gap->kelvin(), $opensC + self::ON_ABOVE_K) + $later * self::STAGE_STEP_K;
        $onC = self::stepped(min($wantedOnC, $mostC));
        $offC = self::stepped(max($leastOffC, $onC - $gap->kelvin()));
        $bounds = [
            ['what' => 'thermostat opens, as felt there', 'valueC' => $opensC, 'says' => $dropK > 0
                ? sprintf('%g °C less the core’s drop of about %g K: there the water has been cooled.', $cooling->thermostatOpensC, $dropK)
                : 'Below it the radiator gets no hot water: a fan cools nothing.'],
            ['what' => 'off at least', 'valueC' => $leastOffC, 'says' => 'At or below the thermostat’s opening the fan would never stop.'],
            ['what' => 'on at least', 'valueC' => $opensC + self::ON_ABOVE_K, 'says' => 'Until the thermostat is open the fan cannot help.'],
            ['what' => 'on at most', 'valueC' => $mostC, 'says' => sprintf(
                'The ceiling of %g °C less %g K for the fan to take hold; it boils at %.0f °C under its cap.', $cooling->ceilingC, self::BELOW_CEILING_K, $boilsC,
            )],
        ];
        if ($later > 0) {
            $bounds[] = ['what' => 'above the stage before', 'valueC' => $onC, 'says' => sprintf('%g K keep the two starts apart.', self::STAGE_STEP_K)];
        }
        $switch = $isFixed ? $this->nearest($onC, $offC, $leastOffC, $mostC) : null;

        return new Advice(
            $at,
            $switch->onC ?? $onC,
            $switch->offC ?? ($isStepless ? self::stepped(max($leastOffC, $onC - max(2.0, $gap->kelvin()))) : $offC),
            $switch?->name,
            $bounds,
            $this->verdicts($band, $leastOffC, $opensC, $mostC),
        );
    }

    /** The pair on the shelf whose on is nearest, of those that stop at all and start in time; null where none does. */
    private function nearest(float $onC, float $offC, float $leastOffC, float $mostC): ?SwitchPart
    {
        $best = null;
        $least = INF;
        foreach ($this->shelf->switches() as $switch) {
            $far = abs($switch->onC - $onC) + 0.25 * abs($switch->offC - $offC);
            if ($switch->offC >= $leastOffC && $switch->onC <= $mostC && $far < $least) {
                $best = $switch;
                $least = $far;
            }
        }

        return $best;
    }

    /** @return list<string> */
    private function verdicts(TemperatureBand $band, float $leastOffC, float $opensC, float $mostC): array
    {
        return array_values(array_filter([
            $band->offC <= $opensC ? 'It never stops: off is not above the thermostat’s opening.' : null,
            $band->offC > $opensC && $band->offC < $leastOffC ? 'It hardly ever stops: off is less than a kelvin above the thermostat’s opening.' : null,
            $band->onC < $opensC + self::ON_ABOVE_K ? 'It starts before it can help.' : null,
            $band->onC > $mostC ? 'It starts too late to stay below the ceiling.' : null,
        ]));
    }

    private static function stepped(float $tempC): float
    {
        return round($tempC / self::STEP_K) * self::STEP_K;
    }
}
