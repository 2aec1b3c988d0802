<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Unusable;

/** Sets places of a job file by JSON pointer. The file itself is checked afterwards, as a whole. */
final class Changes
{
    /**
     * @param  array<string, mixed>  $file
     * @param  array<string, mixed>  $changes  pointer to new value; null takes an entry of `runs`, `pinned`, `heat` or `usage` out
     * @return array<string, mixed>
     *
     * @throws Unusable for a pointer into nothing
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
        if (array_shift($steps) !== '' || $steps === []) {
            throw Unusable::because($pointer, 'is no place in a job file: places start with a slash.');
        }
        $steps = array_map(static fn (string $step): string => str_replace(['~1', '~0'], ['/', '~'], $step), $steps);
        $last = array_pop($steps);
        $isOpen = in_array($steps[0] ?? '', ['runs', 'pinned', 'heat', 'usage'], true);
        $at = &$file;
        foreach ($steps as $step) {
            if ($isOpen && is_array($at) && ! isset($at[$step])) {
                $at[$step] = [];
            }
            if (! is_array($at) || ! isset($at[$step])) {
                throw Unusable::because($pointer, 'is no place in this job.');
            }
            $at = &$at[$step];
        }
        if (! is_array($at)) {
            throw Unusable::because($pointer, 'is no place in this job.');
        }
        if ($value !== null || ! $isOpen) {
            $at[$last] = $value;

            return $file;
        }
        unset($at[$last]);
        // An entry of which nothing is left would be written as a list.
        if ($at === [] && count($steps) > 1) {
            unset($at, $file[$steps[0]][$steps[1]]);
        }

        return $file;
    }
}
