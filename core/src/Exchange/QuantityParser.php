<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/** Reads a quantity as a person types it, `185F`, `3/16in`, `3ft`, `0,7 m`, into the unit it is kept in. */
final class QuantityParser
{
    /** Units that are kept, to those understood there with their factors. Factors by definition (NIST SP 811). */
    private const UNDERSTOOD = [
        '' => [':1' => 1.0, 'to1' => 1.0],
        'A' => ['a' => 1.0, 'ma' => 0.001, 'amp' => 1.0, 'amps' => 1.0],
        'Ah' => ['ah' => 1.0],
        'dB' => ['db' => 1.0, 'dba' => 1.0, 'db(a)' => 1.0],
        'h' => ['h' => 1.0, 'hours' => 1.0, 'min' => 1 / 60],
        'K' => ['k' => 1.0, 'c' => 1.0, '°c' => 1.0, 'f' => 1 / 1.8, '°f' => 1 / 1.8],
        'kg' => ['kg' => 1.0, 't' => 1000.0, 'lb' => 0.45359237, 'lbs' => 0.45359237],
        'kPa' => ['kpa' => 1.0, 'bar' => 100.0, 'psi' => 6.894757],
        'kW' => ['kw' => 1.0, 'w' => 0.001, 'hp' => 0.7456999, 'bhp' => 0.7456999, 'ps' => 0.73549875],
        'l' => ['l' => 1.0, 'litre' => 1.0, 'litres' => 1.0, 'gal' => 3.785411784, 'qt' => 0.946352946],
        'm' => ['m' => 1.0, 'cm' => 0.01, 'mm' => 0.001, 'ft' => 0.3048, "'" => 0.3048, 'in' => 0.0254, '"' => 0.0254, 'inch' => 0.0254],
        'm²' => ['m2' => 1.0, 'm²' => 1.0, 'ft2' => 0.09290304, 'ft²' => 0.09290304, 'sqft' => 0.09290304],
        'm³/h' => ['m3h' => 1.0, 'm3/h' => 1.0, 'm³/h' => 1.0, 'cfm' => 1.6990108, 'l/s' => 3.6],
        'mm' => ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0, 'in' => 25.4, '"' => 25.4, 'inch' => 25.4],
        'mm²' => ['mm2' => 1.0, 'mm²' => 1.0],
        'mΩ' => ['mohm' => 1.0, 'ohm' => 1000.0],
        'mΩ/m' => ['mohm/m' => 1.0, 'ohm/km' => 1.0],
        'Ω' => ['ohm' => 1.0, 'kohm' => 1000.0, 'mohm' => 0.001],
        '%' => ['%' => 1.0],
        'rpm' => ['rpm' => 1.0, '1/min' => 1.0],
        's' => ['s' => 1.0, 'min' => 60.0],
        'V' => ['v' => 1.0, 'mv' => 0.001, 'volt' => 1.0, 'volts' => 1.0],
        'W/K' => ['w/k' => 1.0, 'kw/k' => 1000.0],
    ];

    /**
     * @param  Unit  $unit  the number is kept in
     * @param  string  $pointer  place the text was typed at
     *
     * @throws InvalidInput naming the place and what is understood there
     */
    public static function read(string $typed, Unit $unit, string $pointer): float
    {
        $pattern = '#^\s*([+-]?)(?:(\d+)\s+)?(?:(\d+)/(\d+)|(\d+(?:[.,]\d*)?|[.,]\d+))\s*([^\d\s]?[^\s]*)\s*$#u';
        if (! preg_match($pattern, $typed, $part) || ($part[3] !== '' && (int) $part[4] === 0)) {
            throw InvalidInput::at($pointer, Message::of('input.not-a-quantity', given: $typed));
        }
        if (self::isAmbiguous($part[5])) {
            throw InvalidInput::at($pointer, Message::of('input.ambiguous-number', given: $typed));
        }
        $number = $part[3] !== ''
            ? (int) $part[2] + (int) $part[3] / (int) $part[4]
            : (float) ($part[2].str_replace(',', '.', $part[5]));
        $number *= $part[1] === '-' ? -1 : 1;
        // Both signs for the ohm, the Greek letter and its double, come out small alike.
        $told = str_replace('ω', 'ohm', mb_strtolower($part[6]));

        return $unit === Unit::Celsius ? self::celsius($number, $told, $typed, $pointer) : self::scaled($number, $told, $unit, $typed, $pointer);
    }

    /** Whether a comma may part thousands as well as decimals: two thousand and two are not told apart in ‘2,000’. */
    public static function isAmbiguous(string $number): bool
    {
        return preg_match('/^[+-]?[1-9]\d{0,2}(,\d{3})+$/', trim($number)) === 1;
    }

    /** A number without a unit, its decimals behind a point or a comma; null where it is none. */
    public static function number(string $text): ?float
    {
        $number = str_replace(',', '.', trim($text));

        return preg_match('/^[+-]?(\d+(\.\d*)?|\.\d+)(e[+-]?\d{1,2})?$/i', $number) === 1 ? (float) $number : null;
    }

    private static function celsius(float $number, string $unit, string $typed, string $pointer): float
    {
        return match ($unit) {
            '', 'c', '°c' => $number,
            'f', '°f' => round(($number - 32) / 1.8, 4),
            'k' => round($number - 273.15, 4),
            default => throw InvalidInput::at($pointer, Message::of('input.unit.temperature', given: $typed)),
        };
    }

    private static function scaled(float $number, string $told, Unit $unit, string $typed, string $pointer): float
    {
        $factors = self::UNDERSTOOD[$unit->value] ?? throw new \LogicException("Nothing is typed in {$unit->value}.");
        $factor = $told === '' ? 1.0 : $factors[$told] ?? null;
        if ($factor === null) {
            throw InvalidInput::at($pointer, $unit === Unit::One
                ? Message::of('input.unit.none', given: $typed)
                : Message::of('input.unit.other', given: $typed, units: array_keys($factors), usual: $unit->value));
        }

        return round($number * $factor, 6);
    }
}
