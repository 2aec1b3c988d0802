<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** A way through a component from one terminal to another, as a thread takes it. */
final readonly class Pass
{
    public function __construct(
        public string $from,
        public string $to,
        public Symbol $symbol,
    ) {}
}
