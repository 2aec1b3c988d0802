<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Message\Message;

/** A drive against time: what the engine and the road do. Between its samples everything but key and air conditioning goes in straight lines. */
final readonly class Drive
{
    /** @var list<float> */
    public array $gradientsPercent;

    /**
     * @param  list<float>  $timesS  rising, from 0; at least two
     * @param  list<float>  $speedsKmh
     * @param  list<float>  $enginesRpm  0 with the engine standing
     * @param  list<float|null>  $loads  power over rated, 0 to 1; null where the road tells it
     * @param  list<float>  $ambientsC
     * @param  list<bool>  $airConditioning
     * @param  list<bool>  $keysOn
     * @param  list<float>  $gradientsPercent  rise over run, %; level where none is given
     * @param  list<bool>|null  $fansOn  as they ran in a log; null where their switches decide
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
        array $gradientsPercent = [],
        public float $trailerKg = 0.0,
        public ?array $fansOn = null,
    ) {
        $this->gradientsPercent = $gradientsPercent === [] ? array_fill(0, count($timesS), 0.0) : $gradientsPercent;
    }

    public function lastS(): float
    {
        return $this->timesS[count($this->timesS) - 1];
    }

    /**
     * The same drive elsewhere.
     *
     * @param  float|null  $ambientC  °C; null leaves what it has
     * @param  float|null  $startsC  coolant to begin with, °C
     * @param  float|null  $trailerKg  drawn behind
     */
    public function at(?float $ambientC, ?float $startsC, ?float $trailerKg = null): self
    {
        return new self(...[
            ...get_object_vars($this),
            'startsC' => $startsC ?? $this->startsC,
            'ambientsC' => $ambientC === null ? $this->ambientsC : array_fill(0, count($this->timesS), $ambientC),
            'trailerKg' => $trailerKg ?? $this->trailerKg,
        ]);
    }

    public function withoutAirConditioning(): self
    {
        return new self(...[...get_object_vars($this), 'airConditioning' => array_fill(0, count($this->timesS), false)]);
    }
}
