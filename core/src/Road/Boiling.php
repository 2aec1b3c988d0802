<?php

declare(strict_types=1);

namespace LampThread\Road;

/** Coolant that boiled under its cap. */
final readonly class Boiling
{
    /**
     * @param  float  $atS  when it began
     * @param  float|null  $emptiedAtS  when so much was lost that nothing further holds, and the drive ended; null where it went on
     */
    public function __construct(public float $atS, public float $lostLitres, public ?float $emptiedAtS) {}
}
