<?php

declare(strict_types=1);

namespace LampThread\Message;

/** Units the core reckons in. Those a reader may want otherwise (°C, m, mm) are converted where they are shown. */
enum Unit: string
{
    case One = '';
    case Ampere = 'A';
    case AmpereHour = 'Ah';
    case AmpereSquaredSecond = 'A²s';
    case Celsius = '°C';
    case CubicMetrePerHour = 'm³/h';
    case Decibel = 'dB';
    case Hour = 'h';
    case Kelvin = 'K';
    case Kilogram = 'kg';
    case KilometrePerHour = 'km/h';
    case Kilopascal = 'kPa';
    case Kilowatt = 'kW';
    case Litre = 'l';
    case Metre = 'm';
    case Milliohm = 'mΩ';
    case MilliohmPerMetre = 'mΩ/m';
    case Millimetre = 'mm';
    case Minute = 'min';
    case Ohm = 'Ω';
    case Percent = '%';
    case Rpm = 'rpm';
    case Second = 's';
    case SquareMetre = 'm²';
    case SquareMillimetre = 'mm²';
    case Volt = 'V';
    case Watt = 'W';
    case WattPerKelvin = 'W/K';
    case Year = 'years';

    public function of(float $value): Quantity
    {
        return new Quantity($value, $this);
    }
}
