<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Fans that start together, what decides that they do, and which side of their coils it switches. */
final readonly class Stage
{
    /**
     * @param  non-empty-list<string>  $fanIds
     * @param  bool  $sharesRelay  one relay for all its fans, instead of one each
     */
    public function __construct(
        public string $id,
        public array $fanIds,
        public Side $side,
        public Decider $decider,
        public bool $sharesRelay,
    ) {}
}
