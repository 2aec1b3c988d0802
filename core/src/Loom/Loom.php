<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\PartsListEntry;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Sizing\Sizing;

/** What to cut, what to buy, and in which order to build it. */
final readonly class Loom
{
    /**
     * @param  list<WireRow>  $wires
     * @param  list<PartRow>  $parts
     * @param  list<Step>  $steps
     */
    private function __construct(
        public array $wires,
        public array $parts,
        public array $steps,
    ) {}

    public static function of(Sizing $sizing, Shelf $shelf): self
    {
        $terminals = new TerminalSelection($shelf, $sizing->circuit);
        $wires = array_map(static function (Wire $wire) use ($sizing, $terminals): WireRow {
            $greatestA = $sizing->envelope->greatestA($wire->id);
            $size = $sizing->sizeOf($wire);

            return new WireRow(
                $wire->id,
                $wire->group,
                $sizing->circuit->terminalName($wire->from),
                $sizing->circuit->terminalName($wire->to),
                $wire->stretch->value,
                $wire->colour->value,
                Message::of("colour.{$wire->colour->value}"),
                $size->designation ?? WireRow::NO_SIZE,
                $size->areaMm2 ?? 0.0,
                $wire->segment->lengthM,
                ($size === null ? null : $terminals->at($wire->from, $wire, $greatestA))->name ?? WireRow::NO_SIZE,
                ($size === null ? null : $terminals->at($wire->to, $wire, $greatestA))->name ?? WireRow::NO_SIZE,
                $greatestA,
                $wire->conductorC,
                $wire->segment->given !== null,
            );
        }, $sizing->circuit->wires);

        return new self($wires, [...self::components($sizing), ...self::material($sizing, $shelf, $wires)], Steps::of($sizing));
    }

    /** @return list<PartRow> what is bought for the components */
    private static function components(Sizing $sizing): array
    {
        $rows = [];
        foreach ($sizing->alteration()->coming() as $component) {
            $choice = $sizing->choices[$component->id] ?? null;
            foreach ($choice?->isMade() === false ? [new PartsListEntry($choice->label(), null)] : $component->partsList() as $entry) {
                $rows[] = new PartRow(
                    $choice?->kind === 'resistor' ? Message::of('part.chosen', part: $entry->part, chosen: $choice->label()) : $entry->part,
                    1,
                    'piece',
                    $entry->use ?? Message::of('part.for-component', mark: $component->mark, name: $component->name),
                    $entry->price,
                    $entry->use === null ? self::instead($sizing, $component->id) : null,
                );
            }
        }

        return $rows;
    }

    /**
     * @param  list<WireRow>  $wires
     * @return list<PartRow> cable and terminals
     */
    private static function material(Sizing $sizing, Shelf $shelf, array $wires): array
    {
        $perMetre = array_column($shelf->catalogue($sizing->brief->wiring->catalogue), 'pricePerM', 'designation');
        $perTerminal = array_column($shelf->terminals(), 'price', 'name');
        $cables = [];
        foreach (array_filter($wires, static fn (WireRow $wire): bool => ! $wire->isThere && $wire->size !== WireRow::NO_SIZE) as $wire) {
            $cables["{$wire->size}/{$wire->colour}"][] = $wire;
        }
        $terminals = self::crimped($sizing, $wires);
        $rows = [];
        foreach ($cables as $cut) {
            $rows[] = new PartRow(
                Message::of('part.cable', size: $cut[0]->size, colour: $cut[0]->colourName, letters: $cut[0]->colour),
                round(array_sum(array_column($cut, 'lengthM')), 2),
                'm',
                Message::of('part.for-wires', wires: array_column($cut, 'id')),
                $perMetre[$cut[0]->size] ?? null,
                self::instead($sizing, $cut[0]->group),
            );
        }
        $intoCabin = array_filter($sizing->alteration()->wiresComing(), static fn (Wire $wire): bool => $wire->stretch === Stretch::Dash);
        if ($intoCabin !== []) {
            $rows[] = new PartRow(Message::of('part.grommet'), 1, 'piece', Message::of('part.for-bulkhead'), null);
        }
        foreach ($terminals as $crimped) {
            [$terminal, $size] = $crimped[0];
            $rows[] = new PartRow(
                Message::of('part.terminal', terminal: $terminal, size: $size), count($crimped), 'piece', Message::of('part.crimped'),
                $perTerminal[$terminal] ?? null,
            );
        }

        return $rows;
    }

    /**
     * What is crimped on the ends of the wires that are cut, and on those that were there and go on another kind of terminal; two in one crimp, or all in one joint, need one.
     *
     * @param  list<WireRow>  $rows
     * @return array<string, non-empty-list<array{string, string}>> terminal and size, once for each
     */
    private static function crimped(Sizing $sizing, array $rows): array
    {
        $byId = array_column(array_map(static fn (WireRow $row): array => [$row->id, $row], $rows), 1, 0);
        $ends = [];
        foreach ($sizing->circuit->wires as $wire) {
            $row = $byId[$wire->id];
            if (! $row->isThere && $row->size !== WireRow::NO_SIZE) {
                $ends[$wire->from][] = [$row->fromTerminal, $row->size];
                $ends[$wire->to][] = [$row->toTerminal, $row->size];
            }
        }
        foreach ($sizing->alteration()->moved() as $moved) {
            $row = $byId[$moved->now->id];
            if ($moved->isRecrimped && $row->size !== WireRow::NO_SIZE) {
                $ends[$moved->to][] = [$moved->now->from === $moved->to ? $row->fromTerminal : $row->toTerminal, $row->size];
            }
        }
        $crimped = [];
        foreach ($ends as $terminal => $here) {
            $termination = $sizing->circuit->terminationAt($terminal);
            $isOne = $termination->isOneJoint() || ($termination->sharesCrimp() && count($here) === 2);
            foreach ($isOne ? [$here[0]] : $here as [$name, $size]) {
                $crimped["{$name}/{$size}"][] = [$name, $size];
            }
        }

        return $crimped;
    }

    private static function instead(Sizing $sizing, string $choice): ?Message
    {
        $next = $sizing->choices[$choice]->runnerUp ?? null;

        return $next?->price() === null ? null : Message::of('part.instead', part: $next->label(), price: sprintf('%.2f', $next->price()));
    }
}
