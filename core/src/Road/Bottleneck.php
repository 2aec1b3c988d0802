<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\Fan;

/** What kept the coolant from being cooler at its hottest. */
enum Bottleneck: string
{
    case None = 'none';

    /** The thermostat has not opened all the way: it holds its temperature, and nothing else would make it cooler. */
    case Thermostat = 'thermostat';

    /** A fan is asked for and does not run, or blows the wrong way. */
    case Fan = 'fan';

    /** More coolant through the core would cool more. */
    case Flow = 'flow';

    /** More air through the core would cool more. */
    case Air = 'air';

    /** Coolant and air are there; a larger core would cool more. */
    case Core = 'core';

    /** The fans could have been asked for more, or sooner. */
    case SetPoint = 'set-point';

    /** The fans turn slowly for want of voltage. */
    case Supply = 'supply';
    case Lockout = 'lockout';

    /** Key out: no pump, and the metal gives its heat to the coolant. */
    case HeatSoak = 'heat-soak';

    /** Of what could be more, the one that cools most when there is this much more of it. */
    private const MORE = 1.25;

    /** Opening from which a thermostat no longer governs. */
    private const OPEN_SHARE = 0.9;

    /** Speed of all fans together from which no more can be asked of them. */
    private const FULL_SHARE = 0.85;

    /** Cooled by this much within that time, the fans had it in hand, K and s. */
    private const COOLER_K = 1.0;

    private const SOON_S = 240.0;

    /** Voltage at the battery below which the charging system is not keeping up. */
    private const LOW_SHARE = 0.94;

    /** Speed of the air through the core from which a fan adds nothing worth while, m/s (common practice, no source). */
    private const ROAD_DOES_MS = 3.0;

    public static function of(SimulationResult $result, HeatModel $model, Brief $brief): self
    {
        $peak = $result->peak;
        if ($peak === null || $result->peakC < $brief->cooling->thermostatOpensC + 3) {
            return self::None;
        }
        if (! $peak->keyOn) {
            return self::HeatSoak;
        }
        if ($peak->opening < self::OPEN_SHARE) {
            return self::Thermostat;
        }
        $state = $peak->fans;
        $isAsked = in_array(true, $peak->hot, true);
        $isAllAsked = ! in_array(false, $peak->hot, true);
        if ($isAsked && $brief->control->lockouts->engineSpeed?->isOpenAt($peak->engineRpm) === true && $state->running < count($brief->fans)) {
            return self::Lockout;
        }
        $runsWrong = array_filter($brief->fans, static fn (Fan $fan, int $at): bool => $state->shares[$at] > 0 && $fan->airShare() < 1, ARRAY_FILTER_USE_BOTH);
        if (($isAllAsked && $state->running < count($brief->fans)) || $runsWrong !== []) {
            return self::Fan;
        }
        if ($state->speedShare < self::FULL_SHARE && $peak->air->airMs < self::ROAD_DOES_MS) {
            return $isAllAsked && $state->busV < self::LOW_SHARE * $brief->supply->chargingV ? self::Supply : self::SetPoint;
        }

        return self::cools($result) ? self::SetPoint : self::scarcest($peak, $model);
    }

    /** Which of coolant, air and core would cool most if there were more of it. */
    private static function scarcest(Peak $peak, HeatModel $model): self
    {
        $air = $peak->air;
        $takes = static fn (float $flow, float $airs, float $core): float => Radiator::takesWPerK(
            $flow * $peak->coolantWPerK, $airs * $air->airWPerK,
            $core * $model->coreWPerK * ($airs * $air->airMs / AirPath::TOLD_AT_MS) ** AirPath::EXPONENT,
        );
        $gains = [
            self::Air->value => $takes(1, self::MORE, 1), self::Core->value => $takes(1, 1, self::MORE), self::Flow->value => $takes(self::MORE, 1, 1),
        ];
        arsort($gains);

        return self::from((string) array_key_first($gains));
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
