<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Reads JSON that came from outside, within bounds that every honest file keeps by far. */
final class Json
{
    private const MOST_DEPTH = 32;

    /** Values in one list or object. */
    private const MOST_ENTRIES = 300;

    /** Beyond this a float no longer tells whole numbers apart. */
    private const LARGEST = 9e15;

    /**
     * @return mixed objects as objects
     *
     * @throws InvalidInput
     */
    public static function read(string $text, int $mostBytes): mixed
    {
        if (strlen($text) > $mostBytes) {
            throw InvalidInput::at('', Message::of('input.too-many-bytes', kilobytes: round(strlen($text) / 1e3), most: round($mostBytes / 1e3)));
        }
        try {
            $data = json_decode($text, false, self::MOST_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw InvalidInput::at('', Message::of('input.not-json', error: lcfirst($exception->getMessage())));
        }
        self::check($data, '');

        return $data;
    }

    /** @throws InvalidInput */
    private static function check(mixed $data, string $at): void
    {
        if ((is_int($data) || is_float($data)) && (! is_finite($data) || abs($data) > self::LARGEST)) {
            throw InvalidInput::at($at, Message::of('input.number-too-large'));
        }
        if (! is_array($data) && ! is_object($data)) {
            return;
        }
        $entries = (array) $data;
        if (count($entries) > self::MOST_ENTRIES) {
            throw InvalidInput::at($at, Message::of('input.too-many-entries', entries: count($entries), most: self::MOST_ENTRIES));
        }
        foreach ($entries as $name => $value) {
            self::check($value, $at.'/'.mb_strimwidth((string) $name, 0, 80, '…'));
        }
    }
}
