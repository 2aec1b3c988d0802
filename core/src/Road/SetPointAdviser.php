<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Brief;
use LampThread\Brief\Decider;
use LampThread\Brief\TemperatureBand;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Parts\Shelf;
use LampThread\Parts\SwitchPart;

/**
 * Proposes on and off for every stage: off above the thermostat's opening as it is felt there, on at least two kelvin above it, stages
 * five kelvin apart, all below the ceiling; a fixed switch from the pairs the shelf has, anything else in the steps it can be set to.
 */
final readonly class SetPointAdviser
{
    /** Least margins, K (common practice, no source). */
    private const OFF_ABOVE_K = 1.0;

    private const ON_ABOVE_K = 2.0;

    private const BELOW_CEILING_K = 4.0;

    private const BELOW_BOILING_K = 8.0;

    /** What an adjustable thermostat or a computer can be set to, K (common practice, no source). */
    private const STEP_K = 0.5;

    public function __construct(private Brief $brief, private Shelf $shelf) {}

    /** @return list<SetPointAdvice> for the stages a temperature decides */
    public function advise(CoolingPolicy $policy, SwitchingGap $gap): array
    {
        $advices = [];
        $later = 0;
        foreach ($this->brief->control->stages as $at => $stage) {
            $band = $stage->decider->band();
            if ($band !== null) {
                $advices[] = $this->stage($at, $stage->decider, $band, $policy, $gap, $later++);
            }
        }

        return $advices;
    }

    private function stage(int $at, Decider $decider, TemperatureBand $band, CoolingPolicy $policy, SwitchingGap $gap, int $later): SetPointAdvice
    {
        $cooling = $this->brief->cooling;
        $dropK = $band->place->dropAcrossCoreK();
        $opensC = $cooling->thermostatOpensC - $dropK;
        $boilsC = Coolant::boilsC($cooling->capKpa, $cooling->glycolPercent);
        $mostC = min($cooling->ceilingC - self::BELOW_CEILING_K, $boilsC - self::BELOW_BOILING_K) - $dropK;
        $leastOffC = $opensC + self::OFF_ABOVE_K;
        $wantedOnC = max($opensC + $policy->onAboveK(), $leastOffC + $gap->kelvin(), $opensC + self::ON_ABOVE_K) + $later * Assumptions::STAGE_STEP_K;
        $onC = self::stepped(min($wantedOnC, $mostC));
        $offC = self::stepped(max($leastOffC, $onC - $gap->kelvin()));
        $bounds = [
            new SetPointBound(
                'thermostat-opens',
                $opensC,
                ['thermostat' => Unit::Celsius->of($cooling->thermostatOpensC), 'drop' => Unit::Kelvin->of($dropK), 'isBehindCore' => $dropK > 0],
            ),
            new SetPointBound('off-at-least', $leastOffC),
            new SetPointBound('on-at-least', $opensC + self::ON_ABOVE_K),
            new SetPointBound('on-at-most', $mostC, [
                'ceiling' => Unit::Celsius->of($cooling->ceilingC), 'margin' => Unit::Kelvin->of(self::BELOW_CEILING_K),
                'boils' => Unit::Celsius->of(round($boilsC)),
            ]),
        ];
        if ($later > 0) {
            $bounds[] = new SetPointBound('above-stage-before', $onC, ['step' => Unit::Kelvin->of(Assumptions::STAGE_STEP_K)]);
        }
        $switch = $decider->isFixedPair() ? $this->nearest($onC, $offC, $leastOffC, $mostC) : null;

        return new SetPointAdvice(
            $at,
            $switch->onC ?? $onC,
            $switch->offC ?? self::stepped(max($leastOffC, $onC - max($decider->leastGapK(), $gap->kelvin()))),
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

    /** @return list<Message> */
    private function verdicts(TemperatureBand $band, float $leastOffC, float $opensC, float $mostC): array
    {
        $codes = array_keys([
            'verdict.never-stops' => $band->offC <= $opensC,
            'verdict.hardly-stops' => $band->offC > $opensC && $band->offC < $leastOffC,
            'verdict.starts-too-early' => $band->onC < $opensC + self::ON_ABOVE_K,
            'verdict.starts-too-late' => $band->onC > $mostC,
        ], true, true);

        return array_map(Message::of(...), $codes);
    }

    private static function stepped(float $tempC): float
    {
        return round($tempC / self::STEP_K) * self::STEP_K;
    }
}
