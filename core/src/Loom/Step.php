<?php

declare(strict_types=1);

namespace LampThread\Loom;

/** One step of the work, with the caution that belongs to it. */
final readonly class Step
{
    /** @param  list<string>  $does */
    public function __construct(
        public string $title,
        public array $does,
        public ?string $caution = null,
    ) {}
}
