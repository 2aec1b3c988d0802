<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Message\Message;

/** One line of the cut list. */
final readonly class WireRow
{
    /** Where nothing fits nothing is cut. */
    public const NO_SIZE = '—';

    /** @param  bool  $isThere  whether it was in the vehicle already and is neither cut nor bought */
    public function __construct(
        public string $id,
        public string $group,
        public Message $from,
        public Message $to,
        public string $stretch,
        public string $colour,
        public Message $colourName,
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
