<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;

/** One size of a cable catalogue. */
final readonly class Conductor implements Part
{
    /**
     * @param  string  $designation  as it is printed on the reel: ‘2.5 mm²’, ‘14 AWG’
     * @param  float  $areaMm2  cross-section of the copper, mm²
     * @param  float  $milliohmPerM  resistance at 20 °C, mΩ/m, from the catalogue's table
     * @param  float  $pricePerM  in the workshop's own money
     */
    public function __construct(
        public string $id,
        public string $designation,
        public float $areaMm2,
        public float $milliohmPerM,
        public float $pricePerM,
    ) {}

    /** A wire of a vehicle, of which only the copper is known: no catalogue has it, and nobody buys it. */
    public static function ofArea(float $areaMm2): self
    {
        return new self('vehicle-wire', $areaMm2.' mm²', $areaMm2, 1000 * Copper::RESISTIVITY_OHM_MM2_PER_M / $areaMm2, 0.0);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function label(): Message
    {
        return Message::verbatim($this->designation);
    }

    public function unitPrice(): float
    {
        return $this->pricePerM;
    }
}
