<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/** Reads texts typed at places of a job file: quantities in any unit, wire sizes of any catalogue. */
final readonly class ValueParser
{
    public function __construct(private ConductorParser $conductor) {}

    /**
     * @param  array<array-key, mixed>  $typed  pointer to text; a list, as a request may bring one, has no pointers
     * @param  array<string, mixed>  $file  the job they are typed into
     * @return array<string, float|string> pointer to value
     *
     * @throws InvalidInput naming every place whose text is not understood
     */
    public function values(array $typed, array $file): array
    {
        $values = [];
        $problems = [];
        foreach ($typed as $key => $text) {
            $pointer = (string) $key;
            try {
                $values[$pointer] = match (true) {
                    ! is_string($text) => throw InvalidInput::at($pointer, Message::of('input.must-be-text')),
                    str_starts_with($pointer, '/pinned/') => $this->conductor->read($text, $pointer, $file['wiring']['catalogue']),
                    default => QuantityParser::read($text, self::unit($pointer, $file), $pointer),
                };
            } catch (InvalidInput $unusable) {
                array_push($problems, ...$unusable->problems);
            }
        }

        return $problems === [] ? $values : throw new InvalidInput($problems);
    }

    /**
     * @param  array<string, mixed>  $file
     *
     * @throws InvalidInput where no number stands
     */
    private static function unit(string $pointer, array $file): Unit
    {
        return JobSchema::standard()->unitAt($pointer, $file) ?? throw InvalidInput::at($pointer, Message::of('input.takes-no-quantity'));
    }
}
