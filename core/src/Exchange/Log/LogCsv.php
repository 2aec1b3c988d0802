<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

use LampThread\Road\Log;

/** A kept log as CSV, with headers this program reads back by itself. */
final class LogCsv
{
    public static function write(Log $log): string
    {
        $columns = array_filter([
            'coolant_c' => $log->coolantC, 'ambient_c' => $log->ambientC, 'speed_kmh' => $log->speedKmh, 'engine_rpm' => $log->rpm,
            'fan_current_a' => $log->fanA, 'battery_v' => $log->batteryV, 'load_percent' => $log->loadPercent, 'altitude_m' => $log->altitudeM,
        ], Log::isMeasured(...));
        $lines = ['time_s,'.implode(',', array_keys($columns))];
        foreach ($log->timesS as $at => $timeS) {
            $cells = array_map(static fn (array $column): string => $column[$at] === null ? '' : (string) round($column[$at], 3), $columns);
            $lines[] = round($timeS, 2).','.implode(',', $cells);
        }

        return implode("\n", $lines)."\n";
    }
}
