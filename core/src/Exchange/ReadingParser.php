<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Observation\Reads;

/** Reads what an instrument showed as a person types it: `12.3`, `0.4 ohm`, `11A`, `off at 176F`, `OL`, `yes`. */
final class ReadingParser
{
    /** What an ohmmeter shows where nothing gets through. */
    private const OPEN = ['ol', 'o.l', 'o.l.', 'open', 'inf', '∞', '1.'];

    private const OPEN_OHM = 1e9;

    private const YES = ['yes', 'y', 'ok', 'right', 'good', '1'];

    private const NO = ['no', 'n', 'wrong', 'bad', '0'];

    private const LONGEST = 60;

    /** Words people put before the figure. */
    private const WORDS = '/^\s*(?:(?:it\s+)?(?:came|comes|went|goes)?\s*(?:on|off)?\s*(?:at|after)?\s+)?/i';

    /**
     * @return float in the unit of what is read; 1 or 0 for what is seen
     *
     * @throws InvalidInput at `/typed`
     */
    public static function read(string $typed, Reads $reads): float
    {
        $text = mb_strtolower(trim($typed));
        if ($text === '' || mb_strlen($text) > self::LONGEST) {
            throw InvalidInput::at('/typed', Message::of('input.reading.none', longest: self::LONGEST));
        }
        if ($reads === Reads::Seen) {
            return match (true) {
                in_array($text, self::YES, true) => 1.0,
                in_array($text, self::NO, true) => 0.0,
                default => throw InvalidInput::at('/typed', Message::of('input.reading.yes-or-no', given: $typed)),
            };
        }
        if ($reads === Reads::Ohm && in_array($text, self::OPEN, true)) {
            return self::OPEN_OHM;
        }
        $figure = (string) preg_replace(self::WORDS, '', $typed);
        $value = QuantityParser::read($figure, match ($reads) {
            Reads::Ohm => Unit::Ohm, Reads::Volt => Unit::Volt, Reads::Ampere => Unit::Ampere, Reads::Celsius => Unit::Celsius, Reads::Second => Unit::Second,
        }, '/typed');
        [$least, $most] = $reads->bounds();
        if ($value < $least || $value > $most) {
            throw InvalidInput::at('/typed', Message::of('input.reading.cannot-be', given: $typed));
        }

        return $value;
    }
}
