<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** A time-delay relay in parallel with the main one that runs the fan on after the key is out. */
final readonly class AfterRun
{
    /**
     * @param  float  $delayS  2 s to 5 min; 3.5 to 4 min is usual (common practice, no source)
     */
    public function __construct(
        public float $delayS,
        public AfterRunStart $startedBy = AfterRunStart::Key,
    ) {}
}
