<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Brief;
use LampThread\Brief\Cooling;
use LampThread\Brief\Stage;
use LampThread\Brief\TemperatureBand;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Parts\Shelf;
use LampThread\Parts\SwitchPart;

/**
 * Proposes on and off for every stage: off above the thermostat's opening as it is felt there, on at least two kelvin above it, stages
 * five kelvin apart, all below the ceiling; a fixed switch from the pairs the shelf has, anything else in the steps it can be set to. What it
 * proposes it drives first: a pair that never lets the fan stop, or that wears a relay out too soon, is not given.
 */
final readonly class SetPointAdviser
{
    /** Least margins, K (common practice, no source). */
    private const OFF_ABOVE_K = 1.0;

    private const ON_ABOVE_K = 2.0;

    private const BELOW_CEILING_K = 4.0;

    private const BELOW_BOILING_K = 8.0;

    /** A fixed pair may end so little below the thermostat's opening, if a drive shows that it stops, K. */
    private const FIXED_OFF_BELOW_K = 1.0;

    /** What an adjustable thermostat or a computer can be set to, K (common practice, no source). */
    private const STEP_K = 0.5;

    /** A relay should last as long as this (common practice, no source). */
    public const LEAST_YEARS = 6.0;

    /** Gaps that are tried where the one asked for switches too often, K. */
    private const WIDER_K = [2.5, 4.0, 5.5, 7.0, 9.0];

    /** Drives that show how often a fan starts. */
    private const DRIVES = ['2-town', '3-queue'];

    private Brief $brief;

    public function __construct(private Vehicle $vehicle, private Shelf $shelf)
    {
        $this->brief = $vehicle->brief;
    }

    /** @return Advice|null null where no temperature decides */
    public function advise(CoolingPolicy $policy, SwitchingGap $gap): ?Advice
    {
        $deciding = array_filter($this->brief->control->stages, static fn (Stage $stage): bool => $stage->decider->band() !== null);
        $gaps = [$gap->kelvin(), ...array_filter(self::WIDER_K, static fn (float $wider): bool => $wider > $gap->kelvin())];
        $advice = null;
        foreach ($deciding === [] ? [] : $gaps as $gapK) {
            $tried = $this->driven($deciding, $policy, $gapK, $gapK > $gap->kelvin());
            if ($advice === null || $tried->startsPerHour < $advice->startsPerHour) {
                $advice = $tried;
            }
            if ($tried->relayYears === null || $tried->relayYears >= self::LEAST_YEARS) {
                break;
            }
        }

        return $advice;
    }

    /** @param  array<int, Stage>  $deciding  by their place in the control */
    private function driven(array $deciding, CoolingPolicy $policy, float $gapK, bool $isWidened): Advice
    {
        $stages = [];
        $later = 0;
        $beforeC = -INF;
        foreach ($deciding as $at => $stage) {
            $stages[] = $advice = $this->stage($at, $stage, $policy, $gapK, $later++, $beforeC);
            $beforeC = $advice->onC;
        }
        [$peakC, $startsPerHour, $busiestPerHour] = $this->drive($stages);

        return new Advice($stages, $peakC, $startsPerHour, $this->vehicle->relayYears($busiestPerHour), $isWidened ? $gapK : null);
    }

    private function stage(int $at, Stage $stage, CoolingPolicy $policy, float $gapK, int $later, float $beforeC): SetPointAdvice
    {
        $band = $stage->decider->band();
        assert($band !== null);
        $cooling = $this->brief->cooling;
        $dropK = $band->place->dropAcrossCoreK();
        $opensC = $cooling->thermostatOpensC - $dropK;
        $boilsC = Coolant::boilsC($cooling->capKpa, $cooling->glycolPercent);
        $mostC = self::latestOnC($cooling, $dropK);
        $leastOffC = $opensC + self::OFF_ABOVE_K;
        $gapK = max($stage->decider->leastGapK(), $gapK);
        $wantedOnC = max($opensC + $policy->onAboveK(), $leastOffC + $gapK, $opensC + self::ON_ABOVE_K) + $later * Assumptions::STAGE_STEP_K;
        $onC = self::stepped(min($wantedOnC, $mostC));
        $offC = self::stepped(max($leastOffC, $onC - $gapK));
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
        $isFixed = $stage->decider->isFixedPair();
        $switch = $isFixed ? $this->fixed($at, $band, $onC, $offC, $opensC - self::FIXED_OFF_BELOW_K, $mostC, $beforeC) : null;

        return new SetPointAdvice(
            $at, $switch->onC ?? $onC, $switch->offC ?? $offC, $switch?->name, ! $isFixed || $switch !== null, $bounds,
            $this->verdicts($at, $band, $leastOffC, $opensC, $mostC),
        );
    }

    /** The pair on the shelf that comes nearest, of those that come on in time, after the stage before, and stop on the road; null where none does. */
    private function fixed(int $stage, TemperatureBand $band, float $onC, float $offC, float $leastOffC, float $mostC, float $beforeC): ?SwitchPart
    {
        $fits = array_filter(
            $this->shelf->switches(), static fn (SwitchPart $switch): bool => $switch->offC >= $leastOffC && $switch->onC <= $mostC && $switch->onC > $beforeC,
        );
        usort($fits, static fn (SwitchPart $a, SwitchPart $b): int => $a->apartK($onC, $offC) <=> $b->apartK($onC, $offC));
        foreach ($fits as $switch) {
            if ($this->vehicle->stops($stage, $band->movedTo($switch->onC, $switch->onC - $switch->offC))) {
                return $switch;
            }
        }

        return null;
    }

    /**
     * @param  list<SetPointAdvice>  $stages
     * @return array{float, float, float} hottest coolant, °C, most starts an hour, and most of one fan
     */
    private function drive(array $stages): array
    {
        $bands = Simulation::bands($this->brief);
        foreach ($stages as $stage) {
            $bands[$stage->stage] = $bands[$stage->stage]?->movedTo($stage->onC, $stage->onC - $stage->offC);
        }
        $peakC = -INF;
        $startsPerHour = $busiestPerHour = 0.0;
        foreach (self::DRIVES as $drive) {
            $result = $this->vehicle->roughly(array_values($bands), Drives::standard()[$drive]);
            $peakC = max($peakC, $result->peakC);
            $startsPerHour = max($startsPerHour, $result->startsPerHour());
            $busiestPerHour = max($busiestPerHour, $result->busiestStartsPerHour());
        }

        return [$peakC, $startsPerHour, $busiestPerHour];
    }

    /** @return list<Message> */
    private function verdicts(int $at, TemperatureBand $band, float $leastOffC, float $opensC, float $mostC): array
    {
        $codes = array_keys([
            'verdict.never-stops' => $band->offC < $leastOffC && ! $this->vehicle->stops($at, $band),
            'verdict.starts-too-early' => $band->onC < $opensC + self::ON_ABOVE_K,
            'verdict.starts-too-late' => $band->onC > $mostC,
        ], true, true);

        return array_map(Message::of(...), $codes);
    }

    /**
     * The latest a fan may come on, °C as its sensor reads: below ceiling and boiling by what the coolant still rises until the fan has it in hand.
     *
     * @param  float  $dropK  how much colder the sensor's place is, K
     */
    public static function latestOnC(Cooling $cooling, float $dropK): float
    {
        return min($cooling->ceilingC - self::BELOW_CEILING_K, Coolant::boilsC($cooling->capKpa, $cooling->glycolPercent) - self::BELOW_BOILING_K) - $dropK;
    }

    private static function stepped(float $tempC): float
    {
        return round($tempC / self::STEP_K) * self::STEP_K;
    }
}
