<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Run;
use LampThread\Brief\Stretch;
use LampThread\Electrics\Copper;
use LampThread\Electrics\Element\Resistor;
use LampThread\Shelf\Conductor;

/** One wire of the loom, from terminal to terminal. */
final readonly class Wire
{
    /** What two crimps add to a wire, Ω (common practice, no source). */
    public const CRIMPS_OHM = 0.0006;

    /**
     * @param  string  $reel  the sizing choice this wire is cut by
     * @param  float  $conductorC  temperature of the copper at its greatest steady current, °C
     */
    public function __construct(
        public string $id,
        public string $from,
        public string $to,
        public Stretch $stretch,
        public Run $run,
        public Colour $colour,
        public string $reel,
        public Conductor $conductor,
        public float $conductorC,
    ) {}

    /** Ω at the conductor's temperature, crimps included. */
    public function ohm(): float
    {
        return $this->run->lengthM * $this->conductor->milliohmPerM / 1000 * Copper::factor($this->conductorC) + self::CRIMPS_OHM;
    }

    public function element(): Resistor
    {
        return new Resistor($this->id, $this->from, $this->to, $this->ohm());
    }
}
