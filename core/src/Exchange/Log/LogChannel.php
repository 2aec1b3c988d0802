<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

/** What a column of a log can be, with the words headers have for it and the bounds of what can be measured. */
enum LogChannel: string
{
    case Time = 'time';
    case Coolant = 'coolant';
    case Ambient = 'ambient';
    case Speed = 'speed';
    case Rpm = 'rpm';
    case FanCurrent = 'fan-current';
    case Battery = 'battery';
    case Load = 'load';
    case Altitude = 'altitude';

    /** @return list<string> parts of headers that mean it, the surest first; a surer one of another channel comes before */
    public function words(): array
    {
        return match ($this) {
            self::Time => ['time', 'zeit', 'clock', 'stamp', 'elapsed', 'date', 'sec'],
            self::Coolant => ['coolant', 'ect', 'clt', 'water', 'engine temp', 'ctemp', 'kühl', 'temp', 't1', 'ch1'],
            self::Ambient => ['ambient', 'outside', 'oat', 'weather', 'air temp', 'iat'],
            self::Speed => ['vehicle speed', 'road speed', 'vss', 'km/h', 'kmh', 'kph', 'mph', 'gps', 'speed'],
            self::Rpm => ['rpm', 'engine speed', 'revs', 'tach'],
            self::FanCurrent => ['fan current', 'fan_a', 'fan amp', 'clamp', 'current', 'amps'],
            self::Battery => ['battery', 'voltage', 'volt', 'vbat'],
            self::Load => ['load'],
            self::Altitude => ['altitude', 'elevation', 'height'],
        };
    }

    /** @return list<LogUnit> the first where a header says nothing */
    public function units(): array
    {
        return match ($this) {
            self::Time => [LogUnit::Seconds, LogUnit::Milliseconds, LogUnit::Clock, LogUnit::Date],
            self::Coolant, self::Ambient => [LogUnit::Celsius, LogUnit::Fahrenheit],
            self::Speed => [LogUnit::KilometresPerHour, LogUnit::MilesPerHour],
            self::Rpm => [LogUnit::Rpm],
            self::FanCurrent => [LogUnit::Amperes],
            self::Battery => [LogUnit::Volts],
            self::Load => [LogUnit::Percent],
            self::Altitude => [LogUnit::Metres, LogUnit::Feet],
        };
    }

    /** @return array{float, float} what can be, in its own unit; a value outside is a drop-out */
    public function bounds(): array
    {
        return match ($this) {
            self::Time => [-INF, INF],
            self::Coolant => [-45.0, 200.0],
            self::Ambient => [-60.0, 70.0],
            self::Speed => [0.0, 400.0],
            self::Rpm => [0.0, 20_000.0],
            self::FanCurrent => [-5.0, 500.0],
            self::Battery => [0.0, 60.0],
            self::Load => [0.0, 110.0],
            self::Altitude => [-450.0, 9000.0],
        };
    }
}
