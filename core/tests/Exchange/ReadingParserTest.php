<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\ReadingParser;
use LampThread\Message\InvalidInput;
use LampThread\Observation\Reads;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ReadingParserTest extends TestCase
{
    #[TestWith(['12.3', Reads::Volt, 12.3])]
    #[TestWith(['12,3 V', Reads::Volt, 12.3])]
    #[TestWith(['350mV', Reads::Volt, 0.35])]
    #[TestWith(['-0.4', Reads::Volt, -0.4])]
    #[TestWith(['0.4 ohm', Reads::Ohm, 0.4])]
    #[TestWith(['85 Ω', Reads::Ohm, 85.0])]
    #[TestWith(['2.2 kΩ', Reads::Ohm, 2200.0])]
    #[TestWith(['OL', Reads::Ohm, 1e9])]
    #[TestWith(['11A', Reads::Ampere, 11.0])]
    #[TestWith(['off at 176F', Reads::Celsius, 80.0])]
    #[TestWith(['came on at 92', Reads::Celsius, 92.0])]
    #[TestWith(['3 min', Reads::Second, 180.0])]
    #[TestWith(['Yes', Reads::Seen, 1.0])]
    #[TestWith(['no', Reads::Seen, 0.0])]
    public function test_a_reading_is_taken_as_it_is_typed(string $typed, Reads $reads, float $value): void
    {
        self::assertEqualsWithDelta($value, ReadingParser::read($typed, $reads), 1e-3);
    }

    #[TestWith(['', Reads::Volt])]
    #[TestWith(['twelve', Reads::Volt])]
    #[TestWith(['12 ohm', Reads::Volt])]
    #[TestWith(['12 V', Reads::Ampere])]
    #[TestWith(['900', Reads::Volt])]
    #[TestWith(['-3 ohm', Reads::Ohm])]
    #[TestWith(['OL', Reads::Volt])]
    #[TestWith(['1e999', Reads::Ohm])]
    #[TestWith(['nan', Reads::Volt])]
    #[TestWith(['900 C', Reads::Celsius])]
    #[TestWith(['maybe', Reads::Seen])]
    public function test_what_no_instrument_shows_is_refused(string $typed, Reads $reads): void
    {
        try {
            ReadingParser::read($typed, $reads);
            self::fail($typed);
        } catch (InvalidInput $invalid) {
            self::assertSame('/typed', $invalid->problems[0]->at);
        }
    }
}
