<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;

/** What the parts and wires of a circuit are called. */
final readonly class PartNames
{
    /** @var array<string, Wire> */
    private array $wires;

    public function __construct(private Circuit $circuit)
    {
        $this->wires = array_column($circuit->wires, null, 'id');
    }

    /** On the drawing. */
    public function mark(string $part): string
    {
        return $this->circuit->components[$part]->mark ?? $part;
    }

    public function name(string $part): Message
    {
        $wire = $this->wires[$part] ?? null;

        return $wire === null
            ? $this->circuit->components[$part]->name ?? Message::verbatim($part)
            : Message::of('wire.from-to', from: $this->circuit->terminalName($wire->from), to: $this->circuit->terminalName($wire->to));
    }

    /** The same over all versions of a job: wires are numbered anew in each. */
    public function place(string $part): string
    {
        $wire = $this->wires[$part] ?? null;

        return $wire === null ? $part : "{$wire->from}>{$wire->to}";
    }
}
