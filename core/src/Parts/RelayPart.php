<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;

/** A plug-in relay by its ratings. Coil figures hold at 23 °C. */
final readonly class RelayPart implements Part
{
    private const MICRO = 'micro';

    private const MINI = 'mini';

    private const POWER = 'power';

    /** Resistor across a coil, where it is not told, by the coil's voltage, Ω for each V (common practice, no source). */
    private const USUAL_SUPPRESSION_OHM_PER_V = 56.0;

    /** A contact from this on is on large tabs, A (common practice, no source). */
    private const POWER_FROM_A = 50.0;

    /**
     * @param  float  $coilOhm  coil resistance, Ω
     * @param  float  $pullInV  lowest coil voltage that surely closes it, V
     * @param  float  $dropOutV  highest coil voltage that surely lets it go, V
     * @param  float  $makeA  what the make contact (87) may carry up to $ratedAtC, A
     * @param  float|null  $restA  what the rest contact (87a) may carry, A; null where it has none
     * @param  float  $inrushA  what the make contact may switch on, A
     * @param  float  $ratedAtC  ambient up to which the contact ratings hold, °C
     * @param  float  $maxAmbientC  ambient at which it may carry nothing, °C
     * @param  float  $ratedOperations  electrical life at rated load, operations
     * @param  string  $suppression  what takes the coil's kick: resistor, or diode, which wants its positive at 86
     * @param  float  $price  in the workshop's own money
     * @param  string|null  $base  micro, mini or power; null takes what its contact's rating usually has
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $coilV,
        public float $coilOhm,
        public float $pullInV,
        public float $dropOutV,
        public float $makeA,
        public ?float $restA,
        public float $inrushA,
        public float $contactMilliohm,
        public float $ratedAtC,
        public float $maxAmbientC,
        public float $ratedOperations,
        public string $suppression,
        public float $suppressionOhm,
        public float $price,
        public ?string $base = null,
    ) {}

    /** One of its kind that was in a vehicle, of which only the contact's rating is known: nobody buys it. */
    public function found(float $ratedA): self
    {
        $share = $ratedA / $this->makeA;

        return new self(
            "found-relay-{$ratedA}", "{$ratedA} A", $this->coilV, $this->coilOhm, $this->pullInV, $this->dropOutV, $ratedA, $this->restA === null ? null : $share * $this->restA,
            $share * $this->inrushA, $this->contactMilliohm / $share, $this->ratedAtC, $this->maxAmbientC, $this->ratedOperations, 'resistor',
            $this->suppression === 'resistor' ? $this->suppressionOhm : self::USUAL_SUPPRESSION_OHM_PER_V * $this->coilV, 0.0, $this->base,
        );
    }

    /** Whether its contacts end in 9.5 mm tabs or studs, as a power relay's do. */
    public function hasLargeTabs(): bool
    {
        return $this->base() === self::POWER;
    }

    /** Whether its coil ends in 4.8 mm tabs, as a micro relay's does. */
    public function hasSmallCoilTabs(): bool
    {
        return $this->base() === self::MICRO;
    }

    private function base(): string
    {
        return $this->base ?? ($this->makeA >= self::POWER_FROM_A ? self::POWER : self::MINI);
    }

    /** Whether a diode lies across its coil, which wants its positive at 86: the wrong way round it is a short. */
    public function hasDiode(): bool
    {
        return $this->suppression === 'diode';
    }

    /** What the make contact may carry at an ambient, A: falls linearly from the rated to the greatest ambient (common practice, no source). */
    public function makeAt(float $ambientC): float
    {
        $share = ($this->maxAmbientC - $ambientC) / ($this->maxAmbientC - $this->ratedAtC);

        return $this->makeA * max(0.0, min(1.0, $share));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function label(): Message
    {
        return Message::verbatim($this->name);
    }

    public function unitPrice(): float
    {
        return $this->price;
    }
}
