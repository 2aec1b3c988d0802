<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** How far an element of a sound circuit may be off, as what it does to the rest: a voltage in series with it, a current it takes more, or a resistance nobody prints. */
final readonly class Limit
{
    /**
     * @param  float  $times  that its resistance may be more or less; 1 where it is known
     * @param  bool  $isOfJoint  whether it is what its contacts may have more than new ones: those of one vehicle age together
     */
    private function __construct(public float $volts, public float $ampere, public float $times = 1.0, public bool $isOfJoint = false) {}

    public static function ofJoint(float $volts): self
    {
        return new self($volts, 0.0, isOfJoint: true);
    }

    /** Of what is inside electronics: so many times more or less. */
    public static function times(float $times): self
    {
        return new self(0.0, 0.0, $times);
    }

    public static function inSeries(float $volts): self
    {
        return new self($volts, 0.0);
    }

    public static function taken(float $ampere): self
    {
        return new self(0.0, $ampere);
    }
}
