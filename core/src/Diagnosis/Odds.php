<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** How likely each cause is after what was told and answered, over one another: there all the time, coming and going; and what no cause of the table is. */
final readonly class Odds
{
    /**
     * @param  array<int, float>  $lasting  by cause
     * @param  array<int, float>  $fleeting  by cause, where it is there at some tests only
     * @param  float  $unlisted  something that is not in the table
     * @param  array<int, int>  $misses  by cause, how much of what was told and answered it contradicts
     */
    public function __construct(public array $lasting, public array $fleeting, public float $unlisted, public array $misses) {}

    public function sum(): float
    {
        return array_sum($this->lasting) + array_sum($this->fleeting) + $this->unlisted;
    }

    /** @return array<int, float> by cause, as a share of all there is; what is missing to 1 is not in the table */
    public function shares(): array
    {
        $sum = $this->sum();
        $shares = [];
        foreach ($this->lasting as $cause => $weight) {
            $shares[$cause] = ($weight + $this->fleeting[$cause]) / $sum;
        }

        return $shares;
    }
}
