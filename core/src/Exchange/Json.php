<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Reads JSON that came from outside, within bounds that every honest file keeps by far. */
final class Json
{
    private const MOST_DEPTH = 32;

    /** Values in one list or object: as many as the record of a job has. */
    private const MOST_ENTRIES = 3000;

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

        return self::checked($data, '');
    }

    /**
     * A whole number is one however it is written: `1.0` and `1e0` are 1.
     *
     * @throws InvalidInput
     */
    private static function checked(mixed $data, string $at): mixed
    {
        if (is_int($data) || is_float($data)) {
            return match (true) {
                ! is_finite($data) || abs($data) > self::LARGEST => throw InvalidInput::at($at, Message::of('input.number-too-large')),
                floor($data) === (float) $data => (int) $data,
                default => $data,
            };
        }
        if (! is_array($data) && ! $data instanceof \stdClass) {
            return $data;
        }
        $entries = (array) $data;
        if (count($entries) > self::MOST_ENTRIES) {
            throw InvalidInput::at($at, Message::of('input.too-many-entries', entries: count($entries), most: self::MOST_ENTRIES));
        }
        foreach ($entries as $name => $value) {
            $entries[$name] = self::checked($value, $at.'/'.mb_strimwidth((string) $name, 0, 80, '…'));
        }

        return is_array($data) ? $entries : (object) $entries;
    }
}
