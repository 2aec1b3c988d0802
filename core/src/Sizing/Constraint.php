<?php

declare(strict_types=1);

namespace LampThread\Sizing;

/** One thing a part must satisfy, with the numbers it was judged by. */
final readonly class Constraint
{
    public bool $isMet;

    /**
     * @param  string  $name  short, in the trade's words
     * @param  float  $value  what there is
     * @param  float  $limit  what there may be at most
     * @param  string  $formula  how the numbers came about, with the figures in it
     * @param  string  $source  where the rule comes from
     */
    public function __construct(
        public string $name,
        public float $value,
        public float $limit,
        public string $unit,
        public string $formula,
        public string $source,
    ) {
        $this->isMet = $value <= $limit * (1 + 1e-9);
    }

    /** How much of the limit is used; above 1 it is broken. */
    public function usedShare(): float
    {
        return $this->limit > 0 ? $this->value / $this->limit : INF;
    }
}
