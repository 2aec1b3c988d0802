<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Observation\Measurement;

/** What an instrument showed at a measurement. */
final readonly class TakenReading
{
    public function __construct(public Measurement $measurement, public float $value) {}
}
