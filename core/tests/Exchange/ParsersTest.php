<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\ConductorParser;
use LampThread\Exchange\QuantityParser;
use LampThread\Message\InvalidInput;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ParsersTest extends TestCase
{
    #[TestWith(['185F', '/decider/onC', 85.0])]
    #[TestWith(['85', '/decider/onC', 85.0])]
    #[TestWith(['203 °F', '/decider/onC', 95.0])]
    #[TestWith(['-40f', '/x/ambientC', -40.0])]
    #[TestWith(['3/16in', '/cooling/clearanceMm', 4.7625])]
    #[TestWith(['1 1/2 in', '/cooling/clearanceMm', 38.1])]
    #[TestWith(['2 3/4"', '/fans/0/depthMm', 69.85])]
    #[TestWith(['3ft', '/runs/dash/lengthM', 0.9144])]
    #[TestWith(['0,7 m', '/runs/dash/lengthM', 0.7])]
    #[TestWith(['70cm', '/runs/dash/lengthM', 0.7])]
    #[TestWith(['15psi', '/cooling/capKpa', 103.421355])]
    #[TestWith(['14.2 V', '/supply/chargingV', 14.2])]
    public function test_quantities_are_read_as_typed(string $typed, string $pointer, float $kept): void
    {
        self::assertEqualsWithDelta($kept, QuantityParser::read($typed, $pointer), 1e-4);
    }

    /** Factors against GNU units (Debian package). */
    #[TestWith(['cfm', 'ft^3/min', 'm^3/hour', '/fans/0/flowM3h'])]
    #[TestWith(['psi', 'psi', 'kPa', '/cooling/capKpa'])]
    #[TestWith(['gal', 'gallon', 'liter', '/cooling/coolantLitres'])]
    #[TestWith(['ft', 'ft', 'm', '/runs/dash/lengthM'])]
    #[TestWith(['in', 'in', 'mm', '/fans/0/depthMm'])]
    #[TestWith(['kΩ', 'kohm', 'ohm', '/coilOhm'])]
    #[TestWith(['mΩ', 'milliohm', 'milliohm', '/supply/batteryMilliohm'])]
    #[TestWith(['ohm/km', 'ohm/km', 'milliohm/m', '/milliohmPerM'])]
    public function test_factors_are_those_of_gnu_units(string $typed, string $from, string $to, string $pointer): void
    {
        $theirs = (float) shell_exec("units --terse '1000 {$from}' '{$to}'");

        self::assertEqualsWithDelta($theirs, QuantityParser::read("1000{$typed}", $pointer), 1e-6 * $theirs);
    }

    #[TestWith(['abc', '/runs/dash/lengthM'])]
    #[TestWith(['12ga', '/runs/dash/lengthM'])]
    #[TestWith(['3/0in', '/cooling/clearanceMm'])]
    #[TestWith(['', '/supply/chargingV'])]
    #[TestWith(['12', '/job/title'])]
    #[TestWith(['90 V', '/decider/onC'])]
    public function test_what_is_not_understood_names_its_place(string $typed, string $pointer): void
    {
        try {
            QuantityParser::read($typed, $pointer);
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertSame($pointer, $unusable->problems[0]->at);
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
