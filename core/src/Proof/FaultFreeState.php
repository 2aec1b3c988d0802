<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Control\Demand;
use LampThread\Operation\SeriesChains;

/**
 * A state without faults, with what is demanded there and the air it has.
 *
 * @internal
 */
final readonly class FaultFreeState
{
    /**
     * @param  array<string, Demand>  $demands  by fan
     * @param  float  $airM3h  of the fans that are demanded, m³/h
     * @param  bool  $isHottest  whether every stage has been asked for that temperature can ask for
     */
    public function __construct(
        public State $state,
        public array $demands,
        public float $airM3h,
        public SeriesChains $chains,
        public bool $isHottest,
    ) {}
}
