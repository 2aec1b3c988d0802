<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Sets places of a job file by JSON pointer. The file itself is checked afterwards, as a whole. */
final class Changes
{
    /** No place of a job file lies deeper. */
    private const MOST_STEPS = 12;

    /**
     * @param  array<string, mixed>  $file
     * @param  array<string, mixed>  $changes  pointer to new value; null takes out what is not null by the schema
     * @return array<string, mixed>
     *
     * @throws InvalidInput for a pointer into nothing
     */
    public static function apply(array $file, array $changes): array
    {
        foreach ($changes as $pointer => $value) {
            $file = self::set($file, (string) $pointer, $value);
        }

        return $file;
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    private static function set(array $file, string $pointer, mixed $value): array
    {
        $steps = explode('/', $pointer);
        if (array_shift($steps) !== '' || $steps === [] || count($steps) > self::MOST_STEPS) {
            throw InvalidInput::at($pointer, Message::of('input.not-a-pointer'));
        }
        $steps = array_map(static fn (string $step): string => str_replace(['~1', '~0'], ['/', '~'], $step), $steps);
        $last = array_pop($steps);
        $at = &$file;
        $so = '';
        foreach ($steps as $step) {
            $above = $so;
            $so .= '/'.str_replace(['~', '/'], ['~0', '~1'], $step);
            // What is told first of a group begins it; a list does not grow by being pointed past its end.
            if (is_array($at) && ! isset($at[$step]) && JobSchema::standard()->isObjectAt($above, $file) && JobSchema::standard()->isObjectAt($so, $file)) {
                $at[$step] = [];
            }
            if (! is_array($at) || ! isset($at[$step])) {
                throw InvalidInput::at($pointer, Message::of('input.no-such-place'));
            }
            $at = &$at[$step];
        }
        if (! is_array($at)) {
            throw InvalidInput::at($pointer, Message::of('input.no-such-place'));
        }
        if ($value !== null || JobSchema::standard()->takesNullAt($pointer, $file)) {
            $at[$last] = $value;

            return $file;
        }
        unset($at[$last]);
        // A stretch of which nothing is left is not told any more.
        if ($at === [] && count($steps) === 2 && $steps[0] === 'runs') {
            unset($at, $file['runs'][$steps[1]]);
        }

        return $file;
    }
}
