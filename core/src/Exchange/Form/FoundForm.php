<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\Brief;
use LampThread\Brief\Seen;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Control\CircuitBuilder;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Existing;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Selection;
use LampThread\Circuit\Wire;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Parts\Shelf;

/** What is asked of the vehicle as it was found: whether anything was, what is known of its parts, what is wrong with it, what of it stays. */
final readonly class FoundForm
{
    /** @param  array<string, mixed>  $file  the job's, as it is looked at */
    private function __construct(private Brief $brief, private array $file, private ?Existing $existing, private Shelf $shelf) {}

    /**
     * @param  array<string, mixed>  $file  the job's, as it is looked at
     * @return array<string, mixed>
     */
    public static function of(Brief $brief, array $file, Shelf $shelf): array
    {
        $form = new self($brief, $file, Existing::of($brief, $shelf), $shelf);

        return [
            'found' => $form->found(),
            'asFound' => ['changes' => $brief->found === null ? null : $form->asFound()],
            'stays' => $form->stays(),
            'foundParts' => $form->parts(),
            'wrong' => $form->wrong(),
            'addWrong' => $form->addWrong(),
        ];
    }

    /** @return array<string, mixed> whether anything was there; it begins like what the vehicle becomes, without what is only added */
    private function found(): array
    {
        $begun = [
            'fans' => $this->file['fans'], 'runs' => $this->file['runs'] ?? [], 'parts' => [], 'wrong' => [],
            'control' => [...$this->file['control'], 'overrides' => [], 'afterRun' => null],
        ];

        return [
            'value' => $this->brief->found === null ? 'nothing' : 'told',
            'options' => [
                FormOption::of('found', 'nothing', ['/found' => null, '/renewed' => []]),
                FormOption::of('found', 'told', $this->brief->found === null ? ['/found' => $begun, '/renewed' => []] : []),
            ],
        ];
    }

    /** @return array<string, mixed> what makes the vehicle leave as it was found */
    private function asFound(): array
    {
        $found = $this->file['found'];

        return ['/fans' => $found['fans'], '/control' => $found['control'], '/runs' => $found['runs'] ?? [], '/renewed' => [], '/pinned' => []];
    }

    /** @return list<array<string, mixed>> each thing both arrangements have under one name, and whether it is the same thing */
    private function stays(): array
    {
        if ($this->existing === null) {
            return [];
        }
        $leaves = CircuitBuilder::build($this->brief, Selection::generous($this->brief, $this->shelf, $this->existing));
        $rows = [];
        foreach (self::named($this->existing->circuit) as $id => $name) {
            $isInBoth = isset($leaves->components[$id]) || isset($leaves->wireGroups[$id]);
            if ($isInBoth) {
                $rows[] = $this->stay($id, $name);
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private function stay(string $id, Message $name): array
    {
        $others = array_values(array_diff($this->brief->renewed, [$id]));

        return [
            'id' => $id,
            'name' => $name,
            'value' => in_array($id, $this->brief->renewed, true) ? 'new' : 'stays',
            'options' => [FormOption::of('stays', 'stays', ['/renewed' => $others]), FormOption::of('stays', 'new', ['/renewed' => [...$others, $id]])],
        ];
    }

    /** @return array<string, Message> id to name of what can be renewed, the wires last */
    private static function named(Circuit $circuit): array
    {
        return [
            ...array_map(static fn (Component $one): Message => $one->name, array_filter($circuit->components, static fn (Component $one): bool => $one->comesOut())),
            ...array_map(static fn (WireGroup $group): Message => $group->name, $circuit->wireGroups),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function parts(): array
    {
        $rows = [];
        foreach ($this->existing->circuit->components ?? [] as $component) {
            $fields = match (true) {
                $component instanceof Fuse => [
                    Field::number('ratedA', Unit::Ampere, 1, 250, $component->part->ratedA), Field::optional('beforeA', Unit::Ampere, 1, 250),
                ],
                $component instanceof Relay => [Field::number('ratedA', Unit::Ampere, 1, 250, $component->part->makeA)],
                $component instanceof FanMotor => [Field::optional('pinA', Unit::Ampere, 1, 250)],
                default => [],
            };
            if ($fields !== []) {
                $rows[] = $this->part($component->id, $component->name, $fields);
            }
        }
        foreach ($this->existing->circuit->wireGroups ?? [] as $group) {
            $wires = $this->existing?->circuit->wiresOf($group) ?? [];
            if ($wires !== []) {
                $rows[] = $this->part($group->id, $group->name, [Field::number('areaMm2', Unit::SquareMillimetre, 0.35, 120, $wires[0]->conductor->areaMm2)]);
            }
        }

        return $rows;
    }

    /**
     * @param  non-empty-list<Field>  $fields
     * @return array<string, mixed>
     */
    private function part(string $id, Message $name, array $fields): array
    {
        $told = $this->file['found']['parts'][$id] ?? [];
        $words = array_values(array_filter(array_column(Seen::cases(), 'value'), static fn (string $word): bool => $told !== [] || $word === Seen::Assumed->value));

        return [
            'id' => $id,
            'name' => $name,
            'fields' => array_map(
                static fn (Field $field): array => [
                    ...FormField::of($field, "/found/parts/{$id}/{$field->name}", $told[$field->name] ?? null), 'label' => Message::of("found.{$field->name}"),
                ],
                [...$fields, ...($told === [] ? [] : [Field::usualWord('seen', $words, Seen::Told->value)])],
            ),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function wrong(): array
    {
        $rows = [];
        foreach ($this->brief->found->wrong ?? [] as $at => $wrong) {
            $left = $this->file['found']['wrong'];
            unset($left[$at]);
            $rows[] = [
                'key' => $wrong->part,
                'part' => $this->partName($this->existing?->circuit->named($wrong->part)->id ?? $wrong->part),
                'id' => $this->existing?->circuit->named($wrong->part)->id ?? $wrong->part,
                'kind' => $wrong->fault,
                'fault' => Message::of("fault-kind.{$wrong->fault}"),
                'notePath' => "/found/wrong/{$at}/note",
                'note' => $wrong->note,
                'remove' => (object) ['/found/wrong' => array_values($left)],
            ];
        }

        return $rows;
    }

    private function partName(string $id): Message
    {
        $component = $this->existing?->circuit->components[$id] ?? null;

        return $component === null ? $this->wireName($id) : Message::of('part.for-component', mark: $component->mark, name: $component->name);
    }

    /** @return list<array<string, mixed>> each part that is not told to be wrong yet, with what can be */
    private function addWrong(): array
    {
        $told = array_column($this->file['found']['wrong'] ?? [], 'part');
        $rows = [];
        foreach ($this->existing?->circuit->faults() ?? [] as $id => $faults) {
            $part = $this->existing?->circuit->part($id);
            $name = $part instanceof Wire ? $part->name() : $id;
            if (! in_array($name, $told, true)) {
                $rows[] = [
                    'id' => $id,
                    'name' => $this->partName($id),
                    'faults' => array_map(fn (Fault $fault): array => [
                        'value' => $fault->kind->value,
                        'label' => Message::of("fault-kind.{$fault->kind->value}"),
                        'fits' => null,
                        'changes' => (object) ['/found/wrong' => [...$this->file['found']['wrong'] ?? [], ['part' => $name, 'fault' => $fault->kind->value]]],
                    ], $faults),
                ];
            }
        }

        return $rows;
    }

    private function wireName(string $id): Message
    {
        $circuit = $this->existing->circuit ?? throw new \LogicException('nothing was found');
        foreach ($circuit->wires as $wire) {
            if ($wire->id === $id) {
                return Message::of('part.wire-between', wire: $id, from: $circuit->terminalName($wire->from), to: $circuit->terminalName($wire->to));
            }
        }

        throw new \OutOfBoundsException("{$id} was not found.");
    }
}
