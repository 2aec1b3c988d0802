<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Message\Message;

/** A drive against time: what the engine and the road do. Between its samples everything but key and air conditioning goes in straight lines. */
final readonly class Drive
{
    /**
     * @param  list<float>  $timesS  rising, from 0; at least two
     * @param  list<float>  $speedsKmh
     * @param  list<float>  $enginesRpm  0 with the engine standing
     * @param  list<float>  $loads  power over rated, 0 to 1
     * @param  list<float>  $ambientsC
     * @param  list<bool>  $airConditioning
     * @param  list<bool>  $keysOn
     */
    public function __construct(
        public string $id,
        public Message $name,
        public Message $description,
        public float $startsC,
        public array $timesS,
        public array $speedsKmh,
        public array $enginesRpm,
        public array $loads,
        public array $ambientsC,
        public array $airConditioning,
        public array $keysOn,
    ) {}

    public function lastS(): float
    {
        return $this->timesS[count($this->timesS) - 1];
    }

    /**
     * The same drive elsewhere.
     *
     * @param  float|null  $ambientC  °C; null leaves what it has
     * @param  float|null  $startsC  coolant to begin with, °C
     */
    public function at(?float $ambientC, ?float $startsC): self
    {
        return new self(
            $this->id, $this->name, $this->description, $startsC ?? $this->startsC, $this->timesS, $this->speedsKmh, $this->enginesRpm, $this->loads,
            $ambientC === null ? $this->ambientsC : array_fill(0, count($this->timesS), $ambientC),
            $this->airConditioning,
            $this->keysOn,
        );
    }
}
