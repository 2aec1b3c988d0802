<?php

declare(strict_types=1);

namespace LampThread\Network;

/** Voltages of a solved circuit. */
final readonly class NodeVoltages
{
    /** @param  array<string, float>  $byNode  against battery negative, V */
    public function __construct(public array $byNode) {}

    /** A terminal no wire reaches reads nothing. */
    public function at(string $node): float
    {
        return $this->byNode[$node] ?? 0.0;
    }

    public function across(string $from, string $to): float
    {
        return $this->at($from) - $this->at($to);
    }
}
