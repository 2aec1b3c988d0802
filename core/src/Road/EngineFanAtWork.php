<?php

declare(strict_types=1);

namespace LampThread\Road;

/** A fan the engine drives, at one speed: it draws through the whole face. */
final readonly class EngineFanAtWork
{
    /**
     * @param  float  $shutPa  pressure with nothing flowing
     * @param  float  $resistance  to the air through the face, Pa·s²/m²
     * @param  float  $powerW  it takes from the engine
     */
    public function __construct(public float $shutPa, public float $resistance, public float $powerW) {}
}
