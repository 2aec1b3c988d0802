<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/**
 * Reads a quantity as a person types it, `185F`, `3/16in`, `3ft`, `0,7 m`, into the unit the place it is typed at is kept in.
 * That unit is told by the ending of the field's name: onC is °C, lengthM is m.
 */
final class QuantityParser
{
    /** Field-name endings to what they are kept in and the factors of the units understood there. Factors by definition (NIST SP 811). */
    private const KINDS = [
        'PerM' => ['mΩ/m', ['mohm/m' => 1.0, 'ohm/km' => 1.0]],
        'M3h' => ['m³/h', ['m3h' => 1.0, 'm3/h' => 1.0, 'm³/h' => 1.0, 'cfm' => 1.6990108, 'l/s' => 3.6]],
        'Mm' => ['mm', ['mm' => 1.0, 'cm' => 10.0, 'm' => 1000.0, 'in' => 25.4, '"' => 25.4, 'inch' => 25.4]],
        'Mm2' => ['mm²', ['mm2' => 1.0, 'mm²' => 1.0]],
        'Kpa' => ['kPa', ['kpa' => 1.0, 'bar' => 100.0, 'psi' => 6.894757]],
        'Milliohm' => ['mΩ', ['mohm' => 1.0, 'ohm' => 1000.0]],
        'Ohm' => ['Ω', ['ohm' => 1.0, 'kohm' => 1000.0, 'mohm' => 0.001]],
        'Operations' => ['operations', ['operations' => 1.0]],
        'price' => ['the workshop’s money', []],
        'Litres' => ['l', ['l' => 1.0, 'litre' => 1.0, 'litres' => 1.0, 'gal' => 3.785411784, 'qt' => 0.946352946]],
        'Percent' => ['%', ['%' => 1.0]],
        'K' => ['K', ['k' => 1.0, 'c' => 1.0, 'f' => 1 / 1.8]],
        'S' => ['s', ['s' => 1.0, 'min' => 60.0]],
        'Ratio' => ['to 1', ['to1' => 1.0, ':1' => 1.0]],
        'Rpm' => ['rpm', ['rpm' => 1.0]],
        'Ah' => ['Ah', ['ah' => 1.0]],
        'M' => ['m', ['m' => 1.0, 'cm' => 0.01, 'mm' => 0.001, 'ft' => 0.3048, "'" => 0.3048, 'in' => 0.0254, '"' => 0.0254, 'inch' => 0.0254]],
        'V' => ['V', ['v' => 1.0, 'mv' => 0.001, 'volt' => 1.0, 'volts' => 1.0]],
        'A' => ['A', ['a' => 1.0, 'ma' => 0.001, 'amp' => 1.0, 'amps' => 1.0]],
    ];

    /**
     * @param  string  $pointer  place in the job file the text was typed at
     *
     * @throws InvalidInput naming the place and what is understood there
     */
    public static function read(string $typed, string $pointer): float
    {
        // A place in a list is named by the list: gearRatios/2 is a gearRatio.
        $field = (string) preg_replace('#s/\d+$#', '', $pointer);
        // A place in a map of quantities is named by the map: yearPercent/2-town is a yearPercent.
        $field = str_ends_with(dirname($field), 'Percent') ? basename(dirname($field)) : basename($field);
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
        $unit = str_replace('ω', 'ohm', mb_strtolower($part[6]));

        return str_ends_with($field, 'C')
            ? self::celsius($number, $unit, $typed, $pointer)
            : self::scaled($number, $unit, $field, $typed, $pointer);
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

    private static function scaled(float $number, string $unit, string $field, string $typed, string $pointer): float
    {
        foreach (self::KINDS as $ending => [$kept, $factors]) {
            if (str_ends_with($field, $ending)) {
                $factor = $unit === '' ? 1.0 : $factors[$unit] ?? null;
                if ($factor === null) {
                    throw InvalidInput::at($pointer, Message::of('input.unit.other', given: $typed, units: array_keys($factors), usual: $kept));
                }

                return round($number * $factor, 6);
            }
        }

        throw InvalidInput::at($pointer, Message::of('input.takes-no-quantity'));
    }
}
