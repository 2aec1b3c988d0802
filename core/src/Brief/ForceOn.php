<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Dash override: earths the trigger on an earth-side stage, feeds it on a supply-side one. */
final readonly class ForceOn
{
    public const USUAL_RATED_A = 10.0;

    public function __construct(public float $ratedA) {}
}
