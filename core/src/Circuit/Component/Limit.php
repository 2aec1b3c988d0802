<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** How far an element of a sound circuit may be off, as what it does to the rest: a voltage in series with it, or a current it takes more. */
final readonly class Limit
{
    private function __construct(public float $volts, public float $ampere) {}

    public static function inSeries(float $volts): self
    {
        return new self($volts, 0.0);
    }

    public static function taken(float $ampere): self
    {
        return new self(0.0, $ampere);
    }
}
