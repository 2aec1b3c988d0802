<?php

declare(strict_types=1);

namespace LampThread\Handover;

/** A place that may be what is wrong, and how likely it is. */
final readonly class Suspect
{
    /**
     * @param  string|null  $part  component or wire; null for “nothing is wrong”
     * @param  float  $share  of all possibilities, 0 to 1
     * @param  float|null  $jointOhm  likeliest resistance of a bad joint there, Ω; INF where nothing gets through; null where it is no joint
     * @param  float|null  $draws  likeliest current of a fan over what was told; null where it is none
     */
    public function __construct(public ?string $part, public float $share, public ?float $jointOhm, public ?float $draws) {}
}
