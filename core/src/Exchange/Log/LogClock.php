<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

/** Turns what a log has for time into seconds: a number, a clock that may pass midnight, or a date with a clock. */
final class LogClock
{
    private const DAY_S = 86_400.0;

    /** A clock that falls by more than this has passed midnight, s. */
    private const MIDNIGHT_S = 43_200.0;

    private float $days = 0.0;

    private ?float $lastClockS = null;

    private string $lastDate = '';

    private float $lastDateS = 0.0;

    public function __construct(private readonly LogUnit $unit) {}

    /** @return float|null s from some beginning; null where the cell has no time */
    public function seconds(string $cell, ?float $number): ?float
    {
        return match ($this->unit) {
            LogUnit::Clock => $this->clock(trim($cell)),
            LogUnit::Date => $this->date(trim($cell)),
            default => $number === null ? null : $this->unit->conversion()[0] * $number,
        };
    }

    private function clock(string $cell): ?float
    {
        $seconds = self::ofDay($cell);
        if ($seconds === null) {
            return null;
        }
        if ($this->lastClockS !== null && $seconds < $this->lastClockS - self::MIDNIGHT_S) {
            $this->days += self::DAY_S;
        }
        $this->lastClockS = $seconds;

        return $this->days + $seconds;
    }

    private function date(string $cell): ?float
    {
        if (preg_match('/^(\S+)[T ](\d{1,2}:\d.*?)(Z|[+-]\d\d:?\d\d)?$/', $cell, $parts) !== 1) {
            return null;
        }
        if ($parts[1] !== $this->lastDate) {
            $day = strtotime("{$parts[1]} 00:00:00 UTC");
            if ($day === false) {
                return null;
            }
            [$this->lastDate, $this->lastDateS] = [$parts[1], (float) $day];
        }
        $seconds = self::ofDay($parts[2]);

        return $seconds === null ? null : $this->lastDateS + $seconds;
    }

    private static function ofDay(string $cell): ?float
    {
        $parts = explode(':', str_replace(',', '.', $cell));
        if (count($parts) < 2 || ! is_numeric($parts[0]) || ! is_numeric($parts[1]) || ! is_numeric($parts[2] ?? '0')) {
            return null;
        }

        return 3600 * (float) $parts[0] + 60 * (float) $parts[1] + (float) ($parts[2] ?? 0);
    }
}
