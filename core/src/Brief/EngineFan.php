<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The fan the engine drives by its belt: kept beside the electric one, or taken off. */
final readonly class EngineFan
{
    public function __construct(public EngineFanDrive $drive, public bool $isRemoved, public float $diameterMm) {}
}
