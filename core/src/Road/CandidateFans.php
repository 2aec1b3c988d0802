<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\Fan;
use LampThread\Network\Element\MotorModel;

/** The first fan and those that could take its place, side by side: what each does on this core, in this room, on this supply. */
final readonly class CandidateFans
{
    /** Standing in traffic on a warm day, the coolant this much above the air, K (common practice, no source). */
    private const ABOVE_AIR_K = 60.0;

    private const AMBIENT_C = 30.0;

    /** Engine speed then, rpm. */
    private const ENGINE_RPM = 1000.0;

    /** What wires, contacts and earth lose on a good job, V (common practice, no source). */
    private const LOST_V = 0.5;

    /**
     * @return list<array{fan: Fan, airM3h: float, takesKw: float, runA: float, startA: float, gapMm: float, coveredShare: float|null, noiseDb: float|null, price: float|null}>
     */
    public static function of(Brief $brief): array
    {
        $first = $brief->fans[0];
        $rows = [[...self::row($brief, $first), 'noiseDb' => null, 'price' => null]];
        foreach ($brief->candidates as $candidate) {
            $rows[] = [...self::row($brief, $candidate->inPlaceOf($first)), 'noiseDb' => $candidate->noiseDb, 'price' => $candidate->price];
        }

        return $rows;
    }

    /** @return array{fan: Fan, airM3h: float, takesKw: float, runA: float, startA: float, gapMm: float, coveredShare: float|null} */
    private static function row(Brief $brief, Fan $fan): array
    {
        $taken = $brief->withFirstFan($fan);
        $model = HeatModel::of($taken);
        $motor = new MotorModel($fan->ratedV, $fan->runA, $fan->startA);
        $fanV = $brief->supply->chargingV - self::LOST_V;
        $shares = array_map(
            static fn (Fan $one): float => (new MotorModel($one->ratedV, $one->runA, $one->startA))->speedShare($fanV), $taken->fans,
        );
        $air = (new AirPath($model))->through($model->coolantWPerK(self::ENGINE_RPM), $shares, null, 0.0, self::AMBIENT_C, self::AMBIENT_C, 0.0, false);

        return [
            'fan' => $fan,
            'airM3h' => $air->airMs * $model->faceM2 * 3600,
            'takesKw' => $air->takesWPerK * self::ABOVE_AIR_K / 1000,
            'runA' => $motor->currentA($fanV),
            'startA' => $fanV / $motor->armatureOhm,
            'gapMm' => $taken->gapMm($fan),
            'coveredShare' => $taken->fit?->coveredShare($taken->fans),
        ];
    }
}
