<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Wire;
use LampThread\Loom\Drawing;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Loom\Pin;
use LampThread\Loom\PinCard;
use LampThread\Loom\Step;
use LampThread\Loom\WireRow;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Findings;
use LampThread\Sizing\Sizing;

/** The whole design as it goes out: fits schema/design.json. */
final class DesignPresenter
{
    /**
     * @param  list<Finding>  $findings  of the sizes alone
     * @return array<string, mixed>
     */
    public static function of(Sizing $sizing, Shelf $shelf, Wording $wording, array $findings): array
    {
        $loom = Loom::of($sizing, $shelf);

        return $wording->worded([
            'findings' => array_map(FindingPresenter::withoutRemedies(...), $findings),
            'drawings' => [
                'wide' => Drawing::of($sizing->circuit, Drawing::WIDE, $sizing->unmade()),
                'narrow' => Drawing::of($sizing->circuit, Drawing::NARROW, $sizing->unmade()),
            ],
            'components' => self::components($sizing),
            'terminals' => self::terminals($sizing),
            'wires' => array_map(self::wire(...), $loom->wires),
            'parts' => array_map(self::part(...), $loom->parts),
            'pinCards' => array_map(self::pinCard(...), PinCard::all($sizing)),
            'steps' => array_map(static fn (Step $step): array => ['title' => $step->title, 'does' => $step->items, 'caution' => $step->caution], $loom->steps),
            'stretches' => self::stretches($sizing),
            ...SizingPresenter::of($sizing, $shelf),
            'bench' => self::bench($sizing),
            'overrideTable' => OverrideTable::of($sizing),
        ]);
    }

    /** @return array<string, mixed> the same from a brief's sizes alone */
    public static function english(Sizing $sizing, Shelf $shelf): array
    {
        return self::of($sizing, $shelf, Wording::english(), Findings::of($sizing));
    }

    /** @return array<string, mixed> */
    private static function wire(WireRow $wire): array
    {
        return [
            'id' => $wire->id, 'group' => $wire->group, 'from' => $wire->from, 'to' => $wire->to, 'stretch' => $wire->stretch, 'colour' => $wire->colour,
            'colourName' => $wire->colourName, 'size' => $wire->size, 'areaMm2' => $wire->areaMm2, 'lengthM' => $wire->lengthM,
            'fromTerminal' => $wire->fromTerminal,
            'toTerminal' => $wire->toTerminal, 'greatestA' => $wire->greatestA, 'conductorC' => $wire->conductorC, 'isThere' => $wire->isThere,
        ];
    }

    /** @return array<string, mixed> */
    private static function pinCard(PinCard $card): array
    {
        return [
            'mark' => $card->mark,
            'name' => $card->name,
            'pins' => array_map(
                static fn (Pin $pin): array => ['number' => $pin->number, 'column' => $pin->column, 'row' => $pin->row, 'wires' => $pin->wires], $card->pins,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function part(PartRow $part): array
    {
        return [
            'part' => $part->part,
            'quantity' => $part->quantity,
            'unit' => $part->unit,
            'for' => $part->for,
            'price' => $part->price,
            'instead' => $part->instead,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function components(Sizing $sizing): array
    {
        $components = [];
        foreach ($sizing->circuit->components as $component) {
            if ($component->paths() !== []) {
                $components[] = [
                    'id' => $component->id,
                    'mark' => $component->mark,
                    'name' => $component->name,
                    'part' => isset($sizing->choices[$component->id]) ? $sizing->choices[$component->id]->label() : null,
                ];
            }
        }

        return $components;
    }

    /** @return list<array{id: string, name: Message}> */
    private static function terminals(Sizing $sizing): array
    {
        return array_map(
            static fn (string $terminal): array => ['id' => $terminal, 'name' => $sizing->circuit->terminalName($terminal)],
            $sizing->circuit->terminals(),
        );
    }

    /** @return list<array<string, mixed>> the stretches this circuit has, as they lie now */
    private static function stretches(Sizing $sizing): array
    {
        $stretches = [];
        foreach (Stretch::cases() as $stretch) {
            $wires = array_filter($sizing->circuit->wires, static fn (Wire $wire): bool => $wire->stretch === $stretch);
            $isSplit = count(array_unique(array_map(static fn (Wire $wire): string => $wire->group, $wires))) > 1
                && ($stretch->isPerFan() || $sizing->brief->isToldApart($stretch));
            foreach ($wires as $wire) {
                $group = $sizing->circuit->wireGroups[$wire->group];
                $id = $isSplit ? $stretch->in($group->lengthsOf ?? $group->id) : $stretch->value;
                $label = Message::of("stretch.{$stretch->value}");
                $stretches[$id] = [
                    'id' => $id,
                    'label' => $isSplit ? Message::of('stretch.of-group', stretch: $label, group: $group->name) : $label,
                    'lengthM' => $wire->segment->lengthM,
                    'zone' => $wire->segment->zone->value,
                    'ambientC' => $wire->segment->ambientC,
                ];
            }
        }

        return array_values($stretches);
    }

    /** @return array<string, mixed> what the bench can move */
    private static function bench(Sizing $sizing): array
    {
        $inputs = [];
        foreach ($sizing->circuit->inputs() as $id => $input) {
            $inputs[] = [
                'id' => $id,
                'label' => $input['label'],
                'positions' => $input['positions'],
                'positionNames' => array_map(static fn (string $position): Message => Message::of("position.{$position}"), $input['positions']),
            ];
        }
        $marks = [];
        foreach ($sizing->circuit->sensors() as $id => $sensor) {
            $marks[] = ['id' => $id, 'mark' => $sensor->mark, 'onC' => $sensor->band()->onC, 'offC' => $sensor->band()->offC];
        }
        $faults = [];
        foreach ($sizing->circuit->faults() as $id => $ofPart) {
            $faults[] = [
                'id' => $id,
                'kinds' => array_map(static fn (Fault $fault): string => $fault->kind->value, $ofPart),
                'kindNames' => array_map(static fn (Fault $fault): Message => Message::of("fault-kind.{$fault->kind->value}"), $ofPart),
            ];
        }

        return ['inputs' => $inputs, 'marks' => $marks, 'delayS' => $sizing->brief->control->afterRun?->delayS, 'faults' => $faults];
    }
}
