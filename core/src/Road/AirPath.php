<?php

declare(strict_types=1);

namespace LampThread\Road;

/** Air through a core: what the road drives in and what the fans draw, the covered part of the face apart from the rest. */
final readonly class AirPath
{
    /** Power the compressor takes, W, and heat the condenser gives to the core's air, W (common practice, no source). */
    public const COMPRESSOR_W = 2000.0;

    private const CONDENSER_W = 5500.0;

    /** Share of its free flow a fan moves through a core (common practice, no source). */
    private const THROUGH_CORE_SHARE = 0.6;

    /** What a shroud without flaps leaves of the ram air (common practice, no source). */
    private const BEHIND_SHROUD_SHARE = 0.65;

    /** Warm air rises through a standing core at about this speed, m/s (common practice, no source). */
    private const RISING_MS = 0.15;

    /** Speed the core's conductance is told at, m/s, and how it goes with speed: turbulent flow past fins (standard heat-transfer texts). */
    public const TOLD_AT_MS = 4.0;

    private const EXPONENT = 0.6;

    /** Air warmed by the condenser is never warmed by more, K. */
    private const MOST_PREHEAT_K = 20.0;

    public function __construct(private HeatModel $model) {}

    /**
     * Heat the radiator takes from the coolant for each kelvin above its air, and what that air is warmed before it.
     *
     * @param  float  $coolantWPerK  heat capacity flow of the coolant as the thermostat lets it through
     * @param  float  $fanM3h  all fans move free
     * @return array{float, float, float} W/K, preheating in K, speed of the air through the whole face in m/s
     */
    public function takes(float $coolantWPerK, float $fanM3h, float $speedKmh, float $ambientC, float $altitudeM, bool $airConditioning): array
    {
        $model = $this->model;
        $heat = Air::heatJPerM3K($ambientC, $altitudeM);
        $ramMs = $model->airShare * $speedKmh / 3.6;
        $covered = $model->coveredShare;
        $coveredM2 = max(1e-6, $covered * $model->faceM2);
        // Powers add, and power goes with the cube of the speed.
        $fanMs = $fanM3h / 3600 * self::THROUGH_CORE_SHARE / $coveredM2;
        $coveredRamMs = $ramMs * ($model->flaps ? 1.0 : self::BEHIND_SHROUD_SHARE);
        $takes = 0.0;
        $airM3s = 0.0;
        foreach ([[$covered, ($fanMs ** 3 + $coveredRamMs ** 3) ** (1 / 3)], [1 - $covered, $ramMs]] as [$share, $airMs]) {
            if ($share <= 1e-6) {
                continue;
            }
            $airMs = max(self::RISING_MS, $airMs);
            $airM3s += $airMs * $share * $model->faceM2;
            $takes += Radiator::takesWPerK(
                $coolantWPerK * $share,
                $airMs * $share * $model->faceM2 * $heat,
                $model->coreWPerK * $share * ($airMs / self::TOLD_AT_MS) ** self::EXPONENT,
            );
        }
        $preheatK = $airConditioning ? min(self::MOST_PREHEAT_K, self::CONDENSER_W / ($airM3s * $heat)) : 0.0;

        return [$takes, $preheatK, $airM3s / $model->faceM2];
    }
}
