<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Everything that makes the fans run. */
final readonly class Control
{
    /** @param  non-empty-list<Stage>  $stages */
    public function __construct(
        public CoilFeed $coilFeed,
        public array $stages,
        public ?ForceOn $override,
    ) {}
}
