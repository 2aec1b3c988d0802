<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;
use LampThread\Sizing\Sizing;

/** A part as somebody has it in the hand who joins its wires: from the wire side, every pin in its place. */
final readonly class PinCard
{
    /** @param  non-empty-list<Pin>  $pins */
    private function __construct(public string $mark, public Message $name, public array $pins) {}

    /** @return list<self> of every part that wires of the loom end at */
    public static function all(Sizing $sizing): array
    {
        $cards = [];
        foreach ($sizing->circuit->components as $component) {
            $pins = self::pins($component, $sizing);
            if ($pins !== []) {
                $cards[] = new self($component->mark, $component->name, $pins);
            }
        }

        return $cards;
    }

    /** @return list<Pin> */
    private static function pins(Component $component, Sizing $sizing): array
    {
        $circuit = $sizing->circuit;
        $places = $component->pinPlaces();
        $pins = [];
        foreach (self::numbers($component, $circuit) as $at => $number) {
            $terminal = $component->terminal($number);
            $wires = array_map(static fn (Wire $wire): array => [
                'wire' => $wire->id,
                'colour' => $wire->colour->value,
                'size' => $sizing->sizeOf($wire)->designation ?? WireRow::NO_SIZE,
                'to' => $circuit->terminalName($wire->from === $terminal ? $wire->to : $wire->from),
            ], $circuit->wiresAt($terminal));
            if ($wires === [] && $places === []) {
                continue;
            }
            [$column, $row] = $places[$number] ?? [$at, 0];
            $pins[] = new Pin($number, $column, $row, $wires);
        }

        return array_filter($pins, static fn (Pin $pin): bool => $pin->wires !== []) === [] ? [] : $pins;
    }

    /** @return list<string> of its terminals, those on its own paths first */
    private static function numbers(Component $component, Circuit $circuit): array
    {
        $numbers = [];
        foreach ($circuit->terminals() as $terminal) {
            if ($circuit->componentAt($terminal) === $component) {
                $numbers[] = explode(':', $terminal, 2)[1];
            }
        }

        return $numbers;
    }
}
