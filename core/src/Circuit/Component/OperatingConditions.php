<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** What the world does to the circuit at one moment: key, engine, coolant, and every switch a hand can move. */
final readonly class OperatingConditions
{
    /** The same for the same key, engine, coolant, positions and time; what is remembered and what is broken are not in it. */
    public string $inputs;

    /**
     * @param  float  $engineRpm  0 when the engine stands
     * @param  float  $coolantC  °C where each sensor sits, unless $localC says otherwise
     * @param  array<string, string>  $positions  input to its position
     * @param  array<string, int>  $memory  component id to the position it was left in: hysteresis and latches
     * @param  float|null  $elapsedS  since the time-delay relay was started, s; null when it was not
     * @param  list<string>  $jammed  fans that are held fast, or have not begun to turn
     * @param  array<string, float>  $localC  component id to the temperature where it sits, °C
     * @param  float  $chargeShare  of the battery, 0 to 1
     * @param  float  $batteryC  °C
     * @param  bool  $drawsSpare  whether what a spare feed is left for draws all it may
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
        public array $localC = [],
        public float $chargeShare = 1.0,
        public float $batteryC = 25.0,
        public bool $drawsSpare = false,
    ) {
        $inputs = "{$key->value};{$engineRpm};{$coolantC};{$chargeShare};{$batteryC};".($elapsedS ?? '-');
        foreach ($positions as $input => $position) {
            $inputs .= ";{$input}={$position}";
        }
        foreach ($localC as $id => $tempC) {
            $inputs .= ";{$id}:{$tempC}";
        }
        $this->inputs = $inputs.($drawsSpare ? ';spare' : '');
    }

    /** What a component reads of the coolant, °C. */
    public function readsC(string $id): float
    {
        return ($this->localC[$id] ?? $this->coolantC) - $this->faults->driftK($id);
    }

    public function withFaults(Faults $faults): self
    {
        return $this->with(['faults' => $faults]);
    }

    /** @param  float  $share  of the battery's charge, 0 to 1 */
    public function withCharge(float $share): self
    {
        return $this->with(['chargeShare' => $share]);
    }

    /** The same long after any time relay has run out. */
    public function withoutAfterRun(): self
    {
        return $this->with(['elapsedS' => null]);
    }

    /** @param  array<string, mixed>  $changed */
    private function with(array $changed): self
    {
        $told = [...get_object_vars($this), ...$changed];
        unset($told['inputs']);

        return new self(...$told);
    }

    public function position(string $input, string $usual): string
    {
        return $this->positions[$input] ?? $usual;
    }
}
