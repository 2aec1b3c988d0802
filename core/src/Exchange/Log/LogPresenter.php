<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Road\Calibration;
use LampThread\Road\Log;
use LampThread\Road\LogComparison;
use LampThread\Road\LogSwitching;
use LampThread\Road\Sample;
use LampThread\Road\Vehicle;

/** Logs as they go out: fits schema/logs.json, schema/log.json, schema/log-comparison.json and schema/log-columns.json. */
final class LogPresenter
{
    /** Points of a curve at most. */
    private const POINTS = 700;

    /** @return array<string, mixed> */
    public static function summary(string $id, string $name, string $taken, string $savedAt, Log $log): array
    {
        $known = array_filter($log->coolantC, static fn (?float $tempC): bool => $tempC !== null);
        $measured = [];
        foreach ([
            'ambient' => $log->ambientC, 'speed' => $log->speedKmh, 'rpm' => $log->rpm, 'fan-current' => $log->fanA, 'battery' => $log->batteryV,
            'load' => $log->loadPercent, 'altitude' => $log->altitudeM,
        ] as $channel => $values) {
            if (Log::isMeasured($values)) {
                $measured[] = $channel;
            }
        }

        return [
            'id' => $id, 'name' => $name, 'taken' => $taken, 'savedAt' => $savedAt, 'lastsS' => $log->lastS(), 'hottestC' => $known === [] ? null : max($known),
            'measured' => $measured, 'silentS' => array_sum(array_map(static fn (array $gap): float => $gap[1] - $gap[0], $log->gaps())),
        ];
    }

    /**
     * A log over what the plan would do on the same drive, and when its fans came on and went off.
     *
     * @param  array<string, mixed>  $summary
     * @return array<string, mixed>
     */
    public static function overPlan(array $summary, Log $log, Vehicle $vehicle): array
    {
        $switching = LogSwitching::of($log);
        $drive = $log->drive('log', Message::verbatim($summary['name']), null, Calibration::USUAL_AMBIENT_C);
        $planned = $vehicle->drive($drive)->result;

        return [
            'log' => $summary,
            'curve' => self::curve($log),
            'planned' => array_map(static fn (Sample $sample): array => [
                'timeS' => $sample->timeS, 'coolantC' => round($sample->coolantC, 2), 'fanPercent' => round($sample->fanPercent),
            ], self::thinned($planned->samples)),
            'gaps' => $log->gaps(),
            'assumes' => [
                ...(Log::isMeasured($log->speedKmh) ? [] : [Message::of('log.assumes.standing')]),
                ...($log->tellsLoad() ? [] : [Message::of('log.assumes.level')]),
                ...(Log::isMeasured($log->ambientC) ? [] : [Message::of('log.assumes.ambient', ambient: Unit::Celsius->of(Calibration::USUAL_AMBIENT_C))]),
            ],
            'switching' => $switching === null ? null : [
                'by' => $switching->by,
                'says' => Message::of("log.switching.{$switching->by}"),
                'on' => $switching->at(true),
                'off' => $switching->at(false),
                'events' => $switching->events,
            ],
            'bands' => array_map(static fn ($stage): array => [
                'onC' => $stage->decider->band()?->onC, 'offC' => $stage->decider->band()?->offC,
            ], $vehicle->brief->control->stages),
        ];
    }

    /** @return array<string, mixed> */
    public static function comparison(LogComparison $comparison): array
    {
        return [
            'rows' => array_map(static fn (array $row): array => [...$row, 'name' => Message::of("log.speed.{$row['speed']}"), 'says' => Message::of(match (true) {
                $row['byK'] < -$row['withinK'] => 'log.compare.cooler',
                $row['byK'] > $row['withinK'] => 'log.compare.hotter',
                default => 'log.compare.cannot-tell',
            })], $comparison->rows),
            'refused' => $comparison->refused,
        ];
    }

    /**
     * What a file’s first lines let expect.
     *
     * @param  resource  $stream
     * @return array<string, mixed>
     *
     * @throws \LampThread\Message\InvalidInput
     */
    public static function columns($stream): array
    {
        $lines = new LogLines($stream);
        $rows = [];
        while (count($rows) < 5 && ($cells = $lines->next()) !== null) {
            $rows[] = array_map(static fn (string $cell): string => mb_scrub(mb_substr($cell, 0, 40)), $cells);
        }
        $mapping = [];
        foreach (LogMapping::guess($lines->header, $rows[0] ?? []) as $channel => [$column, $unit]) {
            $mapping[$channel] = ['column' => $column, 'unit' => $unit->value];
        }

        return [
            'header' => $lines->header,
            'rows' => $rows,
            'mapping' => (object) $mapping,
            'channels' => array_map(static fn (LogChannel $channel): array => [
                'channel' => $channel->value, 'name' => Message::of("log.channel.{$channel->value}"),
                'units' => array_map(static fn (LogUnit $unit): array => ['unit' => $unit->value, 'name' => Message::of("log.unit.{$unit->name}")], $channel->units()),
            ], LogChannel::cases()),
        ];
    }

    /** @return list<array<string, float|null>> */
    private static function curve(Log $log): array
    {
        $every = max(1, (int) ceil(count($log->timesS) / self::POINTS));
        $points = [];
        foreach ($log->timesS as $at => $timeS) {
            if ($at % $every === 0) {
                $points[] = ['timeS' => round($timeS, 1), 'coolantC' => $log->coolantC[$at], 'fanA' => $log->fanA[$at], 'batteryV' => $log->batteryV[$at]];
            }
        }

        return $points;
    }

    /**
     * @param  list<Sample>  $samples
     * @return list<Sample>
     */
    private static function thinned(array $samples): array
    {
        $every = max(1, (int) ceil(count($samples) / self::POINTS));

        return array_values(array_filter($samples, static fn (int $at): bool => $at % $every === 0, ARRAY_FILTER_USE_KEY));
    }
}
