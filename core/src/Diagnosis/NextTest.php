<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** A test that could be done next, and what it would tell for what trouble. */
final readonly class NextTest
{
    /**
     * @param  float  $bits  it is expected to tell of the place
     * @param  float  $minutes  with what its situation takes from here
     * @param  list<int>  $splits  how many places each outcome would leave, the most first
     */
    public function __construct(public Test $test, public float $bits, public float $minutes, public array $splits) {}

    public function bitsPerMinute(): float
    {
        return $this->bits / $this->minutes;
    }
}
