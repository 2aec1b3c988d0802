<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;

/** One thing a part must satisfy, with the numbers it was judged by. Its name, formula and source are texts of its code. */
final readonly class Constraint
{
    /** Codes of those that judge a part by the fuse before it. */
    public const OF_FUSE = ['fuse-rating', 'long-overload', 'short-circuit', 'opens-on-short', 'fuse-before', 'shared-fuse', 'fuse-as-makers'];

    public bool $isMet;

    /**
     * @param  float  $value  what there is
     * @param  float  $limit  what there may be at most
     * @param  array<string, Quantity|Message|string|int|float|bool>  $params  of its formula and source
     * @param  bool  $isWish  whether a part that breaks it is still taken where none is better
     */
    public function __construct(
        public string $code,
        public float $value,
        public float $limit,
        public Unit $unit,
        private array $params = [],
        public bool $isWish = false,
    ) {
        $this->isMet = $value <= $limit * (1 + 1e-9);
    }

    public function name(): Message
    {
        return Message::of("constraint.{$this->code}.name");
    }

    /** How its numbers came about. */
    public function formula(): Message
    {
        return Message::of("constraint.{$this->code}.formula", ...$this->params);
    }

    /** Where the rule comes from. */
    public function source(): Message
    {
        return Message::of("constraint.{$this->code}.source", ...$this->params);
    }

    /** How much of the limit is used; above 1 it is broken. */
    public function usedShare(): float
    {
        return $this->limit > 0 ? $this->value / $this->limit : INF;
    }
}
