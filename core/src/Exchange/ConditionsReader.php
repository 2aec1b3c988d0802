<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** Reads operating conditions from `name => value` pairs as the command line and the bench give them. */
final class ConditionsReader
{
    private const NAMES = ['key', 'engineRpm', 'coolantC', 'elapsedS'];

    /** @var list<Problem> */
    private array $problems = [];

    /** @param  array<string, list<string>>  $inputs  input to its positions */
    private function __construct(private readonly array $inputs) {}

    /**
     * @param  array<mixed>  $values
     * @param  array<string, list<string>>  $inputs  input to its positions
     * @param  array<mixed>  $memory  component to the position it was left in
     *
     * @throws InvalidInput naming each input that is wrong
     */
    public static function read(array $values, array $inputs, array $memory = []): OperatingConditions
    {
        return (new self($inputs))->conditions($values, $memory);
    }

    /**
     * @param  array<mixed>  $values
     * @param  array<mixed>  $memory
     */
    private function conditions(array $values, array $memory): OperatingConditions
    {
        $positions = [];
        foreach ($values as $name => $value) {
            if (isset($this->inputs[$name])) {
                $positions[(string) $name] = is_string($value) && in_array($value, $this->inputs[$name], true)
                    ? $value
                    : $this->refuse((string) $name, Message::of('input.must-be-one-of', options: $this->inputs[$name]));
            } elseif (! in_array($name, self::NAMES, true)) {
                $this->refuse(
                    (string) $name, Message::of('input.no-such-input', inputs: [...self::NAMES, ...array_map(strval(...), array_keys($this->inputs))]),
                );
            }
        }
        $key = is_string($values['key'] ?? 'off') ? Key::tryFrom($values['key'] ?? 'off') : null;
        if ($key === null) {
            $this->refuse('key', Message::of('input.must-be-one-of', options: array_column(Key::cases(), 'value')));
        }
        $engineRpm = $this->number($values, 'engineRpm', 0.0, 0.0, 12000.0);
        $coolantC = $this->number($values, 'coolantC', 20.0, -50.0, 200.0);
        $elapsedS = isset($values['elapsedS']) ? $this->number($values, 'elapsedS', 0.0, 0.0, 86400.0) : null;
        if ($this->problems !== []) {
            throw new InvalidInput($this->problems);
        }

        return new OperatingConditions(
            $key ?? Key::Off,
            $engineRpm,
            $coolantC,
            $positions,
            array_map(intval(...), array_filter($memory, static fn (mixed $value): bool => is_int($value))),
            $elapsedS,
        );
    }

    /** @param  array<mixed>  $values */
    private function number(array $values, string $name, float $usual, float $least, float $most): float
    {
        $value = $values[$name] ?? $usual;
        if (! is_numeric($value) || (float) $value < $least || (float) $value > $most) {
            $this->refuse($name, Message::of('input.not-a-number-from-to', least: $least, most: $most));

            return $usual;
        }

        return (float) $value;
    }

    private function refuse(string $at, Message $message): string
    {
        $this->problems[] = new Problem($at, $message);

        return '';
    }
}
