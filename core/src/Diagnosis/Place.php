<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Where something may be wrong, how likely, and what it most likely is. */
final readonly class Place
{
    /** @param  float  $share  of all possibilities, 0 to 1 */
    public function __construct(public string $id, public float $share, public Cause $likeliest) {}
}
