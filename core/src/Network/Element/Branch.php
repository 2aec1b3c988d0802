<?php

declare(strict_types=1);

namespace LampThread\Network\Element;

/** What every element is besides its law: a name, and the two nodes it lies between. */
abstract readonly class Branch implements Element
{
    public function __construct(private string $name, private string $from, private string $to) {}

    public function name(): string
    {
        return $this->name;
    }

    public function from(): string
    {
        return $this->from;
    }

    public function to(): string
    {
        return $this->to;
    }

    public function resistanceOhm(): ?float
    {
        return null;
    }

    public function inSeriesWith(float $ohm): Element
    {
        return $this;
    }
}
