<?php

declare(strict_types=1);

namespace LampThread\Loom;

/** One line of the cut list. */
final readonly class WireRow
{
    /** @param  bool  $isThere  whether it was in the vehicle already and is neither cut nor bought */
    public function __construct(
        public string $id,
        public string $reel,
        public string $from,
        public string $to,
        public string $stretch,
        public string $colour,
        public string $colourName,
        public string $size,
        public float $areaMm2,
        public float $lengthM,
        public string $fromTerminal,
        public string $toTerminal,
        public float $greatestA,
        public float $conductorC,
        public bool $isThere,
    ) {}
}
