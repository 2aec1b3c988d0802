<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Brief\Stage;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Road\Calibration;
use LampThread\Road\CoolingPolicy;
use LampThread\Road\Drive;
use LampThread\Road\Drives;
use LampThread\Road\Outcome;
use LampThread\Road\Sample;
use LampThread\Road\SetPointAdvice;
use LampThread\Road\SetPointAdviser;
use LampThread\Road\SetPointBound;
use LampThread\Road\SwitchingGap;

/** Drives driven as they go out: fits schema/road.json. */
final class RoadPresenter
{
    /** Engine speed often taken for the open road (common practice, no source). */
    private const BELIEVED_RPM = 2000.0;

    /** @return array<string, mixed> one setting's drive */
    public static function outcome(Message $label, Brief $brief, Outcome $outcome): array
    {
        $result = $outcome->result;

        return [
            'label' => $label,
            'bands' => array_map(static fn (Stage $stage): array => [
                'onC' => $stage->decider->band()?->onC, 'offC' => $stage->decider->band()?->offC,
            ], $brief->control->stages),
            'peakC' => $result->peakC,
            'peakAtS' => $result->peakAtS,
            'overS' => $result->overS,
            'startsPerHour' => $result->startsPerHour(),
            'runPercent' => 100 * $result->runShare(),
            'fanAh' => $result->fanAh,
            'batteryAh' => $result->batteryAh,
            'keyOutAh' => $result->keyOutAh,
            'batteryLeftPercent' => 100 * $outcome->batteryLeftShare,
            'stillCranks' => $outcome->stillCranks,
            'relayYears' => $outcome->relayYears,
            'boiling' => $result->boiling === null ? null : get_object_vars($result->boiling),
            'startsForS' => $outcome->startsForS,
            'remarks' => $outcome->remarks,
            'limitedBy' => Message::of("bottleneck.{$outcome->limitedBy->value}"),
            'samples' => array_map(static fn (Sample $sample): array => [
                'timeS' => $sample->timeS, 'coolantC' => $sample->coolantC, 'radiatorC' => $sample->radiatorC, 'feltC' => array_values($sample->readsC),
                'thermostatPercent' => $sample->thermostatPercent, 'fanPercent' => $sample->fanPercent, 'fansA' => $sample->fansA,
                'batteryV' => $sample->batteryV, 'bayC' => $sample->bayC,
                'speedKmh' => $sample->speedKmh, 'engineRpm' => $sample->engineRpm,
            ], $result->samples),
        ];
    }

    /** @return array<string, mixed> */
    public static function drive(Drive $drive): array
    {
        return [
            'id' => $drive->id, 'name' => $drive->name, 'words' => $drive->description, 'lastsS' => $drive->lastS(), 'ambientC' => $drive->ambientsC[0],
            'startsC' => $drive->startsC, 'trailerKg' => $drive->trailerKg, 'isOwn' => ! isset(Drives::standard()[$drive->id]),
        ];
    }

    /**
     * Set points of every policy and gap: fits schema/road-advice.json.
     *
     * @return array<string, mixed>
     */
    public static function advice(SetPointAdviser $adviser): array
    {
        $rows = [];
        foreach (CoolingPolicy::cases() as $policy) {
            foreach (SwitchingGap::cases() as $gap) {
                $advice = $adviser->advise($policy, $gap);
                if ($advice !== null) {
                    $rows[] = [
                        'policy' => $policy->value, 'gap' => $gap->value, 'stages' => array_map(self::stage(...), $advice->stages), 'isToBeHad' => $advice->isToBeHad(),
                        'peakC' => $advice->peakC, 'startsPerHour' => $advice->startsPerHour, 'relayYears' => $advice->relayYears, 'widenedToK' => $advice->widenedToK,
                    ];
                }
            }
        }

        return ['advice' => $rows];
    }

    /** @return array<string, mixed> */
    private static function stage(SetPointAdvice $advice): array
    {
        return [
            'stage' => $advice->stage,
            'onC' => $advice->onC,
            'offC' => $advice->offC,
            'switch' => $advice->switch,
            'isToBeHad' => $advice->isToBeHad,
            'bounds' => array_map(
                static fn (SetPointBound $bound): array => ['what' => $bound->name(), 'valueC' => $bound->valueC, 'says' => $bound->reason()], $advice->bounds,
            ),
            'verdicts' => $advice->verdicts,
        ];
    }

    /**
     * What an engine-speed lockout means on the road, gear by gear.
     *
     * @return array<string, mixed>|null null until the driveline is told
     */
    public static function lockout(Brief $brief): ?array
    {
        if ($brief->driveline === null) {
            return null;
        }
        $aboveRpm = $brief->control->lockouts->engineSpeed?->rpm;
        $gears = [];
        foreach ($brief->driveline->gearRatios as $at => $ratio) {
            $gears[] = [
                'gear' => $at + 1,
                'kmhPerRpm' => $brief->driveline->roadKmh(1.0, $ratio),
                'name' => Message::of(
                    'lockout.speed-in-gear',
                    speed: Unit::KilometrePerHour->of(round($brief->driveline->roadKmh($aboveRpm ?? self::BELIEVED_RPM, $ratio))),
                    gear: $at + 1,
                ),
            ];
        }

        return ['aboveRpm' => $aboveRpm, 'believedRpm' => self::BELIEVED_RPM, 'gears' => $gears];
    }

    /** @return array<string, mixed> */
    public static function calibration(Calibration $calibration): array
    {
        $untold = [];
        foreach ($calibration->untold as $figure => $why) {
            $untold[] = ['figure' => $figure, 'why' => $why];
        }

        return [
            'figures' => (object) $calibration->figures,
            'spreads' => (object) $calibration->spreads,
            'untold' => $untold,
            'isRefused' => $calibration->isRefused(),
            'rmsBeforeK' => $calibration->rmsBeforeK,
            'rmsK' => $calibration->rmsK,
            'curve' => array_map(static fn (array $point): array => [
                'timeS' => $point[0], 'measuredC' => $point[1], 'beforeC' => $point[2], 'fittedC' => $point[3],
            ], $calibration->curve),
        ];
    }
}
