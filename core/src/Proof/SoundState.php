<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Electrics\SeriesChains;

/**
 * A state without faults, with what is wanted there and the air it has.
 *
 * @internal
 */
final readonly class SoundState
{
    /**
     * @param  array<string, Want>  $wants  by fan
     * @param  float  $airM3h  of the fans that are wanted, m³/h
     * @param  bool  $isHottest  whether every stage has been asked for that temperature can ask for
     */
    public function __construct(
        public State $state,
        public array $wants,
        public float $airM3h,
        public SeriesChains $chains,
        public bool $isHottest,
    ) {}
}
