<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Unit;
use LampThread\Road\Log;

/** Reads a log of any length as it streams in. Cells that hold no number, or one that cannot be, are drop-outs; many of them are refused. */
final class LogReader
{
    private const LONGEST_S = 86_400.0;

    /** More drop-outs of what is needed than this share is no log. */
    private const MOST_DROPPED_SHARE = 0.5;

    /** An engine that is warm by what it says, °C, is not one whose every value passes this. */
    private const HOTTEST_C = 145.0;

    private const MOST_PROBLEMS = 20;

    /**
     * @param  resource  $stream
     * @param  array<array-key, array<mixed>>  $told  channel to column and unit
     *
     * @throws InvalidInput naming line and column, or the unit that cannot be
     */
    public static function read($stream, array $told): Log
    {
        $lines = new LogLines($stream);
        $mapping = LogMapping::read($lines->header, $told);
        [$timeColumn, $timeUnit] = $mapping->columns[LogChannel::Time->value];
        $clock = new LogClock($timeUnit);
        $channels = array_diff_key($mapping->columns, [LogChannel::Time->value => true]);
        $readers = [];
        foreach ($channels as $name => [$column, $unit]) {
            [$factor, $added] = $unit->conversion();
            [$least, $most] = LogChannel::from($name)->bounds();
            $readers[] = [$column, $factor, $added, $least, $most];
        }
        $buckets = new LogBuckets(count($readers));
        $problems = [];
        $fromS = $lastS = null;
        while (($cells = $lines->next()) !== null) {
            $cell = $cells[$timeColumn] ?? '';
            $timeS = $clock->seconds($cell, $lines->number($cell));
            if ($timeS === null) {
                $problems[] = new Problem("line {$lines->line}, {$lines->header[$timeColumn]}", Message::of('input.log.no-time', given: $cell));
            } elseif ($lastS !== null && $timeS < $lastS) {
                $problems[] = new Problem("line {$lines->line}, {$lines->header[$timeColumn]}", Message::of(
                    'input.drive.time-backwards', time: Unit::Second->of($timeS - $fromS), last: Unit::Second->of($lastS - $fromS),
                ));
            } else {
                $fromS ??= $timeS;
                $lastS = $timeS;
                $values = [];
                foreach ($readers as [$column, $factor, $added, $least, $most]) {
                    $number = isset($cells[$column]) ? $lines->number($cells[$column]) : null;
                    $value = $number === null ? null : $factor * $number + $added;
                    $values[] = $value === null || $value < $least || $value > $most ? null : $value;
                }
                $buckets->add($timeS - $fromS, $values);
            }
            if (count($problems) >= self::MOST_PROBLEMS) {
                $problems[] = new Problem('', Message::of('input.csv.more-wrong', line: $lines->line));
                break;
            }
        }
        if ($problems !== []) {
            throw new InvalidInput($problems);
        }

        return self::log($buckets, array_keys($channels), $mapping);
    }

    /**
     * @param  list<string>  $names
     *
     * @throws InvalidInput
     */
    private static function log(LogBuckets $buckets, array $names, LogMapping $mapping): Log
    {
        [$timesS, $columns, $rows, $filled] = $buckets->finished();
        $lastS = $timesS === [] ? 0.0 : $timesS[count($timesS) - 1];
        if (count($timesS) < 2 || $lastS <= 0) {
            throw InvalidInput::at('', Message::of('input.drive.too-few-rows'));
        }
        if ($lastS > self::LONGEST_S) {
            throw InvalidInput::at('/mapping/time', Message::of('input.log.too-long', lasts: Unit::Hour->of(round($lastS / 3600)), most: Unit::Hour->of(self::LONGEST_S / 3600)));
        }
        $of = [];
        foreach ($names as $at => $name) {
            $of[$name] = $columns[$at];
            if ($name === LogChannel::Coolant->value) {
                self::checkCoolant($columns[$at], $filled[$at] / $rows, $mapping->columns[$name][1]);
            }
        }
        $none = array_fill(0, count($timesS), null);

        return new Log(
            $timesS, $of[LogChannel::Coolant->value], $of[LogChannel::Ambient->value] ?? $none, $of[LogChannel::Speed->value] ?? $none,
            $of[LogChannel::Rpm->value] ?? $none, $of[LogChannel::FanCurrent->value] ?? $none, $of[LogChannel::Battery->value] ?? $none,
            $of[LogChannel::Load->value] ?? $none, $of[LogChannel::Altitude->value] ?? $none,
        );
    }

    /**
     * @param  list<float|null>  $coolantC
     * @param  float  $filledShare  of the rows that had a value that can be
     *
     * @throws InvalidInput where it was read in the wrong unit
     */
    private static function checkCoolant(array $coolantC, float $filledShare, LogUnit $unit): void
    {
        $known = array_values(array_filter($coolantC, static fn (?float $value): bool => $value !== null));
        sort($known);
        $warmestC = $known === [] ? 0.0 : $known[(int) floor(0.9 * (count($known) - 1))];
        if ($unit === LogUnit::Celsius && ($warmestC > self::HOTTEST_C || ($filledShare <= self::MOST_DROPPED_SHARE && $known !== []))) {
            throw InvalidInput::at('/mapping/coolant/unit', Message::of('input.log.looks-fahrenheit', warmest: Unit::Celsius->of(round($warmestC))));
        }
        if ($unit === LogUnit::Fahrenheit && $warmestC < 50.0 && $known !== []) {
            throw InvalidInput::at('/mapping/coolant/unit', Message::of('input.log.looks-celsius', warmest: Unit::Celsius->of(round($warmestC))));
        }
        if ($filledShare <= self::MOST_DROPPED_SHARE) {
            throw InvalidInput::at('/mapping/coolant', Message::of('input.log.mostly-empty'));
        }
    }
}
