<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;

/** What kept the coolant from being cooler at its hottest. */
enum Bottleneck: string
{
    case None = 'none';
    /** More air through the core would cool more. */
    case Air = 'air';
    /** The air is there; a larger core would cool more. */
    case Core = 'core';
    /** The fans could still have been asked for more. */
    case SetPoint = 'set-point';
    /** The fans turn slowly for want of voltage. */
    case Supply = 'supply';
    case Lockout = 'lockout';
    /** Key out: no pump, and the metal gives its heat to the coolant. */
    case HeatSoak = 'heat-soak';

    /** Share of what the air could take that makes it scarce. */
    private const AIR_IS_SCARCE_SHARE = 0.6;

    /** Speed of all fans together from which no more can be asked of them. */
    private const FULL_SHARE = 0.85;

    /** Cooled by this much within that time, the fans had it in hand, K and s. */
    private const COOLER_K = 1.0;

    private const SOON_S = 240.0;

    /** Voltage at the battery below which the charging system is not keeping up. */
    private const LOW_SHARE = 0.94;

    public static function of(SimulationResult $result, HeatModel $model, Brief $brief, float $altitudeM): self
    {
        $fans = count($brief->fans);
        $lockoutRpm = $brief->control->lockouts->aboveRpm;
        $chargingV = $brief->supply->chargingV;
        if ($result->peak === null || $result->peakC < $brief->cooling->thermostatOpensC + 3) {
            return self::None;
        }
        $peak = $result->peak;
        $state = $peak->fans;
        if (! $peak->keyOn) {
            return self::HeatSoak;
        }
        if ($lockoutRpm !== null && $peak->engineRpm >= $lockoutRpm && $state->running < $fans && in_array(true, $peak->hot, true)) {
            return self::Lockout;
        }
        if ($state->speedShare < self::FULL_SHARE) {
            return $state->busV < self::LOW_SHARE * $chargingV && ! in_array(false, $peak->hot, true) ? self::Supply : self::SetPoint;
        }
        if (self::cools($result)) {
            return self::SetPoint;
        }
        $airWPerK = $peak->airMs * $model->faceM2 * Air::heatJPerM3K($peak->ambientC, $altitudeM);
        $conductance = $model->coreWPerK * ($peak->airMs / AirPath::TOLD_AT_MS) ** 0.6;

        return Radiator::takesWPerK($peak->coolantWPerK, $airWPerK, $conductance) > self::AIR_IS_SCARCE_SHARE * $airWPerK ? self::Air : self::Core;
    }

    /** Whether the fans brought it down again soon after its hottest: then how hot it got was where they came on. */
    private static function cools(SimulationResult $result): bool
    {
        foreach ($result->samples as $sample) {
            $isSoonAfter = $sample->timeS > $result->peakAtS && $sample->timeS < $result->peakAtS + self::SOON_S;
            if ($isSoonAfter && $sample->running > 0 && $sample->coolantC < $result->peakC - self::COOLER_K) {
                return true;
            }
        }

        return false;
    }
}
