<?php

declare(strict_types=1);

namespace LampThread\Message;

/** A number with its unit, to be shown in the units the reader has chosen. */
final readonly class Quantity
{
    public function __construct(public float $value, public Unit $unit) {}
}
