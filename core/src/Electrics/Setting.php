<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Brief\Problem;
use LampThread\Brief\Unusable;

/** What the world does to the circuit at one moment: key, engine, coolant, and every switch a hand can move. */
final readonly class Setting
{
    /** Idle of a usual engine, rpm (common practice, no source). */
    public const IDLE_RPM = 850.0;

    /** Everything that comes from outside, as one word: what is remembered and what is broken are not in it. */
    public string $inputs;

    /**
     * @param  float  $engineRpm  0 when the engine stands
     * @param  float  $coolantC  °C where each sensor sits
     * @param  array<string, string>  $positions  hand-operated switch id to position
     * @param  array<string, int>  $memory  component id to the position it was left in: hysteresis and latches
     * @param  float|null  $elapsedS  since the time-delay relay was started, s; null when it was not
     * @param  list<string>  $jammed  fans that are held fast, or have not begun to turn
     */
    public function __construct(
        public Key $key = Key::Off,
        public float $engineRpm = 0.0,
        public float $coolantC = 20.0,
        public array $positions = [],
        public array $memory = [],
        public ?float $elapsedS = null,
        public array $jammed = [],
        public Faults $faults = new Faults,
    ) {
        $this->inputs = "{$key->value};{$engineRpm};{$coolantC};".implode(',', $positions).';'.($elapsedS ?? '-');
    }

    /**
     * Reads `name => value` pairs as the command line and the bench give them.
     *
     * @param  array<string, mixed>  $values
     * @param  array<string, list<string>>  $switches  switch id to its positions
     * @param  array<string, mixed>  $memory
     *
     * @throws Unusable naming each input that is wrong
     */
    public static function read(array $values, array $switches, array $memory = []): self
    {
        $problems = [];
        $positions = [];
        foreach ($values as $name => $value) {
            if (isset($switches[$name])) {
                if (! in_array($value, $switches[$name], true)) {
                    $problems[] = new Problem((string) $name, 'must be one of '.implode(', ', $switches[$name]).'.');
                } else {
                    $positions[$name] = (string) $value;
                }
            } elseif (! in_array($name, ['key', 'engineRpm', 'coolantC', 'elapsedS'], true)) {
                $known = implode(', ', ['key', 'engineRpm', 'coolantC', 'elapsedS', ...array_keys($switches)]);
                $problems[] = new Problem((string) $name, "is nothing this circuit listens to. It listens to {$known}.");
            }
        }
        $key = Key::tryFrom(is_string($values['key'] ?? 'off') ? $values['key'] ?? 'off' : '');
        if ($key === null) {
            $problems[] = new Problem('key', 'must be one of off, run, crank.');
        }
        $engineRpm = self::number($values, 'engineRpm', 0.0, 0.0, 12000.0, $problems);
        $coolantC = self::number($values, 'coolantC', 20.0, -50.0, 200.0, $problems);
        $elapsedS = isset($values['elapsedS']) ? self::number($values, 'elapsedS', 0.0, 0.0, 86400.0, $problems) : null;
        if ($problems !== []) {
            throw new Unusable($problems);
        }

        return new self(
            $key ?? Key::Off,
            $engineRpm,
            $coolantC,
            $positions,
            array_map(intval(...), array_filter($memory, is_numeric(...))),
            $elapsedS,
        );
    }

    /** What a component feels of the coolant, °C. */
    public function feltC(string $id): float
    {
        return $this->coolantC - $this->faults->driftK($id);
    }

    public function with(Faults $faults): self
    {
        return new self(
            $this->key, $this->engineRpm, $this->coolantC, $this->positions, $this->memory, $this->elapsedS, $this->jammed, $faults,
        );
    }

    public function position(string $switch, string $usual): string
    {
        return $this->positions[$switch] ?? $usual;
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<Problem>  $problems
     */
    private static function number(array $values, string $name, float $usual, float $least, float $most, array &$problems): float
    {
        $value = $values[$name] ?? $usual;
        if (! is_numeric($value) || (float) $value < $least || (float) $value > $most) {
            $problems[] = new Problem($name, "must be a number from {$least} to {$most}.");

            return $usual;
        }

        return (float) $value;
    }
}
