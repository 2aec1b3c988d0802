<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;

/** Where leads and clamps go, as it goes out: fits the leads of schema/handover.json. */
final class LeadSpots
{
    /** @return list<array<string, mixed>> a terminal with the wires that are there, or the wire a clamp goes round */
    public static function of(Circuit $circuit, ?string ...$spots): array
    {
        $leads = [];
        foreach (array_filter($spots) as $spot) {
            $isTerminal = str_contains($spot, ':');
            $wires = $isTerminal ? $circuit->wiresInto($spot) : array_filter($circuit->wires, static fn (Wire $wire): bool => $wire->id === $spot);
            $leads[] = [
                'spot' => $spot,
                'name' => $isTerminal ? $circuit->terminalName($spot) : Message::verbatim($spot),
                'wires' => array_values(array_map(static fn (Wire $wire): array => [
                    'id' => $wire->id, 'colour' => $wire->colour->value, 'says' => Message::of("colour.{$wire->colour->value}"),
                ], $wires)),
            ];
        }

        return $leads;
    }

    /** What a component or wire is called: its mark and name, or its ends. */
    public static function partName(Circuit $circuit, string $part): Message
    {
        foreach ($circuit->wires as $wire) {
            if ($wire->id === $part) {
                return Message::of('handover.wire', wire: $wire->id, from: $circuit->terminalName($wire->from), to: $circuit->terminalName($wire->to));
            }
        }
        $component = $circuit->components[$part] ?? null;

        return $component === null ? Message::verbatim($part) : Message::of('handover.component', mark: $component->mark, name: $component->name);
    }
}
