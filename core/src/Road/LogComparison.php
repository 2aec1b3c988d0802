<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Message\Message;
use LampThread\Message\Unit;

/**
 * The same road before and after: how far the warm coolant stood above the weather, standing, slow and fast, each with its uncertainty. Where
 * the two do not compare it says why.
 */
final readonly class LogComparison
{
    /** Speeds that are told apart, up to, km/h. */
    private const SPEEDS_KMH = ['standing' => 5.0, 'slow' => 60.0, 'fast' => INF];

    /** Warm from here on, °C; and so much of it in both, s, is needed. */
    private const WARM_C = 70.0;

    private const LEAST_S = 60.0;

    /** Weather that differs by more is not the same, K. */
    private const MOST_AMBIENT_K = 12.0;

    /** Moments nearer to each other than this tell the same thing twice, s; what two loggers differ by, K (common practice, no source). */
    private const APART_S = 60.0;

    private const LOGGER_K = 0.5;

    /**
     * @param  list<array{speed: string, beforeK: float, afterK: float, byK: float, withinK: float}>  $rows  rise above the weather; 95 of 100 times the
     *                                                                                                     true difference lies within
     * @param  Message|null  $refused  why nothing can be said
     */
    private function __construct(public array $rows, public ?Message $refused) {}

    public static function of(Log $before, Log $after): self
    {
        foreach ([$before, $after] as $log) {
            if (! Log::isMeasured($log->ambientC)) {
                return new self([], Message::of('log.compare.no-ambient'));
            }
            if (! Log::isMeasured($log->speedKmh)) {
                return new self([], Message::of('log.compare.no-speed'));
            }
        }
        $weather = static fn (Log $log): float => array_sum($filled = Log::filled($log->ambientC)) / count($filled);
        $apartK = abs($weather($after) - $weather($before));
        if ($apartK > self::MOST_AMBIENT_K) {
            return new self([], Message::of('log.compare.other-weather', apart: Unit::Kelvin->of(round($apartK)), most: Unit::Kelvin->of(self::MOST_AMBIENT_K)));
        }
        $rows = [];
        $fromKmh = -INF;
        foreach (self::SPEEDS_KMH as $speed => $toKmh) {
            $was = self::rise($before, $fromKmh, $toKmh);
            $is = self::rise($after, $fromKmh, $toKmh);
            $fromKmh = $toKmh;
            if ($was !== null && $is !== null) {
                $rows[] = [
                    'speed' => $speed, 'beforeK' => $was[0], 'afterK' => $is[0], 'byK' => $is[0] - $was[0],
                    'withinK' => 2 * sqrt($was[1] ** 2 + $is[1] ** 2 + self::LOGGER_K ** 2),
                ];
            }
        }

        return new self($rows, $rows === [] ? Message::of('log.compare.nothing-alike', least: Unit::Second->of(self::LEAST_S)) : null);
    }

    /** @return array{float, float}|null mean rise above the weather and its standard error, K; null where there is too little of it */
    private static function rise(Log $log, float $fromKmh, float $toKmh): ?array
    {
        $ambient = Log::filled($log->ambientC);
        $speed = Log::filled($log->speedKmh);
        $rises = [];
        $lastedS = 0.0;
        foreach ($log->coolantC as $at => $coolantC) {
            if ($coolantC !== null && $coolantC >= self::WARM_C && $speed[$at] > $fromKmh && $speed[$at] <= $toKmh) {
                $rises[] = $coolantC - $ambient[$at];
                $lastedS += min(self::APART_S, ($log->timesS[$at + 1] ?? $log->timesS[$at]) - $log->timesS[$at]);
            }
        }
        if ($lastedS < self::LEAST_S) {
            return null;
        }
        $mean = array_sum($rises) / count($rises);
        $variance = array_sum(array_map(static fn (float $rise): float => ($rise - $mean) ** 2, $rises)) / count($rises);

        return [$mean, sqrt($variance / max(1.0, min(count($rises), $lastedS / self::APART_S)))];
    }
}
