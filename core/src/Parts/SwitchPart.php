<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;

/** A fixed temperature switch: it comes in a few pairs of on and off. */
final readonly class SwitchPart implements Part
{
    private const OFF_COUNTS = 0.25;

    /**
     * @param  float  $onC  acts at, °C
     * @param  float  $offC  acts back at, °C
     * @param  float  $ratedA  what its contact carries, A
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $onC,
        public float $offC,
        public float $ratedA,
        public float $price,
    ) {}

    /** How far it is from a setting, K: when it acts counts for more than when it lets go. */
    public function apartK(float $onC, float $offC): float
    {
        return abs($this->onC - $onC) + self::OFF_COUNTS * abs($this->offC - $offC);
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
