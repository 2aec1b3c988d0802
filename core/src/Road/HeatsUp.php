<?php

declare(strict_types=1);

namespace LampThread\Road;

/** How soon the coolant of a vehicle that stands gets too hot. */
final readonly class HeatsUp
{
    /**
     * @param  float  $ceilingC  what it must stay below, °C
     * @param  float|null  $overS  until it is above that, s; null where it stays below for the hour
     * @param  float|null  $boilsS  until it boils, s; null where it does not within the hour
     */
    public function __construct(public float $ceilingC, public ?float $overS, public ?float $boilsS) {}
}
