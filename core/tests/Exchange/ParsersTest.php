<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\ConductorParser;
use LampThread\Exchange\QuantityParser;
use LampThread\Message\InvalidInput;
use LampThread\Message\Unit;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ParsersTest extends TestCase
{
    #[TestWith(['185F', Unit::Celsius, 85.0])]
    #[TestWith(['85', Unit::Celsius, 85.0])]
    #[TestWith(['203 °F', Unit::Celsius, 95.0])]
    #[TestWith(['-40f', Unit::Celsius, -40.0])]
    #[TestWith(['3/16in', Unit::Millimetre, 4.7625])]
    #[TestWith(['1 1/2 in', Unit::Millimetre, 38.1])]
    #[TestWith(['2 3/4"', Unit::Millimetre, 69.85])]
    #[TestWith(['3ft', Unit::Metre, 0.9144])]
    #[TestWith(['0,7 m', Unit::Metre, 0.7])]
    #[TestWith(['70cm', Unit::Metre, 0.7])]
    #[TestWith(['15psi', Unit::Kilopascal, 103.421355])]
    #[TestWith(['14.2 V', Unit::Volt, 14.2])]
    #[TestWith(['3.5:1', Unit::One, 3.5])]
    #[TestWith(['0.32', Unit::One, 0.32])]
    #[TestWith(['67 dB(A)', Unit::Decibel, 67.0])]
    #[TestWith(['9 °F', Unit::Kelvin, 5.0])]
    public function test_quantities_are_read_as_typed(string $typed, Unit $unit, float $kept): void
    {
        self::assertEqualsWithDelta($kept, QuantityParser::read($typed, $unit, '/at'), 1e-4);
    }

    /** Factors against GNU units (Debian package). */
    #[TestWith(['cfm', 'ft^3/min', 'm^3/hour', Unit::CubicMetrePerHour])]
    #[TestWith(['psi', 'psi', 'kPa', Unit::Kilopascal])]
    #[TestWith(['gal', 'gallon', 'liter', Unit::Litre])]
    #[TestWith(['ft', 'ft', 'm', Unit::Metre])]
    #[TestWith(['in', 'in', 'mm', Unit::Millimetre])]
    #[TestWith(['kΩ', 'kohm', 'ohm', Unit::Ohm])]
    #[TestWith(['mΩ', 'milliohm', 'milliohm', Unit::Milliohm])]
    #[TestWith(['hp', 'hp', 'kW', Unit::Kilowatt])]
    #[TestWith(['PS', 'metrichorsepower', 'kW', Unit::Kilowatt])]
    #[TestWith(['lb', 'lb', 'kg', Unit::Kilogram])]
    #[TestWith(['ft²', 'ft^2', 'm^2', Unit::SquareMetre])]
    #[TestWith(['min', 'min', 'hour', Unit::Hour])]
    #[TestWith(['ohm/km', 'ohm/km', 'milliohm/m', Unit::MilliohmPerMetre])]
    public function test_factors_are_those_of_gnu_units(string $typed, string $from, string $to, Unit $unit): void
    {
        $theirs = (float) shell_exec("units --terse '1000 {$from}' '{$to}'");

        self::assertEqualsWithDelta($theirs, QuantityParser::read("1000{$typed}", $unit, '/at'), 1e-6 * $theirs);
    }

    #[TestWith(['abc', Unit::Metre])]
    #[TestWith(['12ga', Unit::Metre])]
    #[TestWith(['3/0in', Unit::Millimetre])]
    #[TestWith(['', Unit::Volt])]
    #[TestWith(['90 V', Unit::Celsius])]
    #[TestWith(['0.3 kg', Unit::One])]
    public function test_what_is_not_understood_names_its_place(string $typed, Unit $unit): void
    {
        try {
            QuantityParser::read($typed, $unit, '/at');
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertSame('/at', $unusable->problems[0]->at);
        }
    }

    #[TestWith(['12ga', 'awg', 'awg-12'])]
    #[TestWith(['12ga', 'sae', 'sae-12'])]
    #[TestWith(['12ga', 'metric', 'awg-12'])]
    #[TestWith(['14 AWG', 'metric', 'awg-14'])]
    #[TestWith(['2,5mm2', 'awg', 'metric-2.5'])]
    #[TestWith(['4', 'metric', 'metric-4'])]
    public function test_wire_sizes_are_read_in_the_catalogue_they_name(string $typed, string $catalogue, string $part): void
    {
        self::assertSame($part, (new ConductorParser(Orchard::shelf()))->read($typed, '/pinned/fan-1-wire', $catalogue));
    }

    public function test_a_size_no_reel_has_is_answered_with_those_there_are(): void
    {
        $this->expectExceptionMessage('/pinned/fan-1-wire input.no-such-wire-size');
        (new ConductorParser(Orchard::shelf()))->read('2.7mm2', '/pinned/fan-1-wire', 'metric');
    }
}
