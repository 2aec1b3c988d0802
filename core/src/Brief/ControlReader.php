<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Makes what decides, triggers and overrides out of their places in a job file that already fits the schema. */
interface ControlReader
{
    /** @param  array<string, mixed>  $decider  as decoded */
    public function decider(array $decider): Decider;

    public function airConditioningTrigger(string $kind): AirConditioningTrigger;

    /**
     * @param  array<string, mixed>  $override  as decoded
     * @param  int  $number  which of the job's overrides it is, from 1
     */
    public function override(array $override, int $number): Override;
}
