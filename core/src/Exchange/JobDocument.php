<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Changes;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** A job as its file tells it: a value, of which every change makes another. The new one is checked by JobFile, as a whole. */
final readonly class JobDocument
{
    /** No place of a job file lies deeper. */
    private const MOST_STEPS = 12;

    /** @param  array<string, mixed>  $file  as decoded by JobFile */
    private function __construct(public array $file) {}

    /** @param  array<string, mixed>  $file  as decoded by JobFile */
    public static function of(array $file): self
    {
        return new self($file);
    }

    /** @throws InvalidInput for a pointer into nothing */
    public function with(Changes $changes): self
    {
        $file = $this->file;
        foreach ($changes as $pointer => $value) {
            $file = self::set($file, $pointer, $value);
        }

        return new self($file);
    }

    /**
     * Another way to switch its fans, in the place of the one it has.
     *
     * @throws InvalidInput for an arrangement there is not
     */
    public function arranged(string $arrangement): self
    {
        return $this->with(Arrangements::changes($arrangement, $this->file));
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
