<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;

/** What kept the coolant from being cooler at its hottest. */
enum Bottleneck: string
{
    case None = 'nothing';
    /** More air through the core would cool more. */
    case Air = 'air';
    /** The air is there; a larger core would cool more. */
    case Core = 'core';
    /** The fans could still have been asked for more. */
    case SetPoint = 'set point';
    /** The fans turn slowly for want of voltage. */
    case Supply = 'supply';
    case Lockout = 'lockout';
    /** Key out: no pump, and the metal gives its heat to the coolant. */
    case HeatSoak = 'heat soak';

    /** Share of what the air could take that makes it scarce. */
    private const AIR_IS_SCARCE_SHARE = 0.6;

    /** Speed of all fans together from which no more can be asked of them. */
    private const FULL_SHARE = 0.85;

    /** Cooled by this much within that time, the fans had it in hand, K and s. */
    private const COOLER_K = 1.0;

    private const SOON_S = 240.0;

    /** Voltage at the battery below which the charging system is not keeping up. */
    private const LOW_SHARE = 0.94;

    public static function of(Run $run, HeatModel $model, Brief $brief, float $altitudeM): self
    {
        $fans = count($brief->fans);
        $lockoutRpm = $brief->control->lockouts->aboveRpm;
        $chargingV = $brief->supply->chargingV;
        if ($run->peak === null || $run->peakC < $brief->cooling->thermostatOpensC + 3) {
            return self::None;
        }
        [$state, $hot, $airMs, $coolantWPerK, $rpm, $keyOn, $ambientC] = $run->peak;
        if (! $keyOn) {
            return self::HeatSoak;
        }
        if ($lockoutRpm !== null && $rpm >= $lockoutRpm && $state->running < $fans && in_array(true, $hot, true)) {
            return self::Lockout;
        }
        if ($state->speedShare < self::FULL_SHARE) {
            return $state->busV < self::LOW_SHARE * $chargingV && ! in_array(false, $hot, true) ? self::Supply : self::SetPoint;
        }
        if (self::cools($run)) {
            return self::SetPoint;
        }
        $airWPerK = $airMs * $model->faceM2 * Air::heatJPerM3K($ambientC, $altitudeM);
        $conductance = $model->coreWPerK * ($airMs / AirPath::TOLD_AT_MS) ** 0.6;

        return Radiator::takesWPerK($coolantWPerK, $airWPerK, $conductance) > self::AIR_IS_SCARCE_SHARE * $airWPerK ? self::Air : self::Core;
    }

    /** Whether the fans brought it down again soon after its hottest: then how hot it got was where they came on. */
    private static function cools(Run $run): bool
    {
        foreach ($run->samples as $sample) {
            if ($sample[0] > $run->peakAtS && $sample[0] < $run->peakAtS + self::SOON_S && $sample[10] > 0 && $sample[1] < $run->peakC - self::COOLER_K) {
                return true;
            }
        }

        return false;
    }

    public function words(): string
    {
        return match ($this) {
            self::None => 'Nothing: the thermostat governs.',
            self::Air => 'Air: more of it through the core would cool more.',
            self::Core => 'The core: the air is there, a larger core would take more from it.',
            self::SetPoint => 'The set point: the fans can do more, and were asked late.',
            self::Supply => 'The supply: the fans turn slowly for want of voltage.',
            self::Lockout => 'The lockout: it held the fan off.',
            self::HeatSoak => 'Heat soak: no pump, and hot metal gives its heat to the coolant.',
        };
    }
}
