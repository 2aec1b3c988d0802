<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Road\Advice;
use LampThread\Road\Calibration;
use LampThread\Road\Drive;
use LampThread\Road\Outcome;

/** Drives driven as they go out: fits schema/road.json. */
final class RoadAnswer
{
    /** @return array<string, mixed> one setting's drive */
    public static function outcome(string $label, Brief $brief, Outcome $outcome): array
    {
        $run = $outcome->run;

        return [
            'label' => $label,
            'bands' => array_map(static fn ($stage): array => [
                'onC' => $stage->decider->band()?->onC, 'offC' => $stage->decider->band()?->offC,
            ], $brief->control->stages),
            'peakC' => $run->peakC,
            'peakAtS' => $run->peakAtS,
            'overS' => $run->overS,
            'startsPerHour' => $run->startsPerHour(),
            'runPercent' => 100 * $run->runShare(),
            'fanAh' => $run->fanAh,
            'batteryAh' => $run->batteryAh,
            'keyOutAh' => $run->keyOutAh,
            'batteryLeftPercent' => 100 * $outcome->batteryLeftShare,
            'stillCranks' => $outcome->stillCranks,
            'relayYears' => $outcome->relayYears,
            'limitedBy' => $outcome->limitedBy->words(),
            'samples' => array_map(static fn (array $sample): array => [
                'timeS' => $sample[0], 'coolantC' => $sample[1], 'radiatorC' => $sample[2], 'feltC' => array_values($sample[3]), 'thermostatPercent' => $sample[4],
                'fanPercent' => $sample[5], 'fansA' => $sample[6], 'batteryV' => $sample[7], 'speedKmh' => $sample[8], 'engineRpm' => $sample[9],
            ], $run->samples),
        ];
    }

    /** @return array<string, mixed> */
    public static function drive(Drive $drive): array
    {
        return ['id' => $drive->id, 'name' => $drive->name, 'words' => $drive->words, 'lastsS' => $drive->lastS(), 'ambientC' => $drive->ambientsC[0], 'startsC' => $drive->startsC];
    }

    /** @return array<string, mixed> */
    public static function advice(Advice $advice): array
    {
        return get_object_vars($advice);
    }

    /** @return array<string, mixed> */
    public static function calibration(Calibration $calibration): array
    {
        return [
            'figures' => (object) $calibration->figures,
            'untold' => (object) $calibration->untold,
            'isRefused' => $calibration->isRefused(),
            'rmsBeforeK' => $calibration->rmsBeforeK,
            'rmsK' => $calibration->rmsK,
            'curve' => array_map(static fn (array $point): array => [
                'timeS' => $point[0], 'measuredC' => $point[1], 'beforeC' => $point[2], 'fittedC' => $point[3],
            ], $calibration->curve),
        ];
    }
}
