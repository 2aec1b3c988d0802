<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** A way for current through a component, from one terminal to another. */
final readonly class ConductionPath
{
    /**
     * @param  string|null  $measuredAt  terminal whose wires tell its current, where the component's own elements do not: an averaged
     *                                   switching output is made of resistances that each carry something else
     */
    public function __construct(
        public string $from,
        public string $to,
        public Symbol $symbol,
        public ?string $measuredAt = null,
    ) {}

    public function key(): string
    {
        return "{$this->from}>{$this->to}";
    }
}
