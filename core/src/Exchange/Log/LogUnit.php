<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

/** What the values of a log's column are counted in. */
enum LogUnit: string
{
    case Seconds = 's';
    case Milliseconds = 'ms';
    case Clock = 'clock';
    case Date = 'date';
    case Celsius = 'C';
    case Fahrenheit = 'F';
    case KilometresPerHour = 'km/h';
    case MilesPerHour = 'mph';
    case Rpm = 'rpm';
    case Amperes = 'A';
    case Volts = 'V';
    case Percent = '%';
    case Metres = 'm';
    case Feet = 'ft';

    private const KMH_PER_MPH = 1.609344;

    private const M_PER_FT = 0.3048;

    /** @return array{float, float} factor and what is added after it, into °C, km/h and s */
    public function conversion(): array
    {
        return match ($this) {
            self::Fahrenheit => [5 / 9, -160 / 9],
            self::MilesPerHour => [self::KMH_PER_MPH, 0.0],
            self::Milliseconds => [0.001, 0.0],
            self::Feet => [self::M_PER_FT, 0.0],
            self::Seconds, self::Clock, self::Date, self::Celsius, self::KilometresPerHour, self::Rpm, self::Amperes, self::Volts,
            self::Percent, self::Metres => [1.0, 0.0],
        };
    }

    /** Whether a header, in small letters, names it. */
    public function isNamed(string $header): bool
    {
        $pattern = match ($this) {
            self::Fahrenheit => '/°f|deg ?f|\bf\b|fahrenheit|_f\b/u',
            self::Celsius => '/°c|deg ?c|\bc\b|celsius|_c\b/u',
            self::MilesPerHour => '/mph|mi\/h|miles/',
            self::KilometresPerHour => '/km\/?h|kph/',
            self::Milliseconds => '/\bms\b|_ms\b|milli/',
            self::Seconds => '/\bs\b|_s\b|sec/',
            self::Clock => '/clock|hh/',
            self::Date => '/date|stamp|utc/',
            self::Feet => '/\bft\b|feet/',
            self::Metres => '/\bm\b|metre|meter/',
            self::Rpm, self::Amperes, self::Volts, self::Percent => '/$^/',
        };

        return preg_match($pattern, $header) === 1;
    }
}
