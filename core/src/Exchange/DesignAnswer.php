<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Wire;
use LampThread\Electrics\FaultKind;
use LampThread\Electrics\Faults;
use LampThread\Loom\Drawing;
use LampThread\Loom\Loom;
use LampThread\Proof\Findings;
use LampThread\Shelf\Shelf;
use LampThread\Sizing\Sizing;

/** The whole design as it goes out: fits schema/design.json. */
final class DesignAnswer
{
    /** @return array<string, mixed> */
    public static function of(Sizing $sizing, Shelf $shelf): array
    {
        $loom = Loom::of($sizing, $shelf);
        $findings = Findings::of($sizing);

        return [
            'findings' => array_map(FindingAnswer::untried(...), $findings),
            'drawings' => [
                'wide' => Drawing::of($sizing->circuit, Drawing::WIDE),
                'narrow' => Drawing::of($sizing->circuit, Drawing::NARROW),
            ],
            'components' => self::components($sizing),
            'terminals' => self::terminals($sizing),
            'wires' => array_map(get_object_vars(...), $loom->wires),
            'parts' => array_map(get_object_vars(...), $loom->parts),
            'steps' => array_map(get_object_vars(...), $loom->steps),
            'stretches' => self::stretches($sizing),
            ...SizingAnswer::of($sizing, $shelf),
            'bench' => self::bench($sizing),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function components(Sizing $sizing): array
    {
        $components = [];
        foreach ($sizing->circuit->components as $component) {
            if ($component->passes() !== []) {
                $components[] = [
                    'id' => $component->id,
                    'mark' => $component->mark,
                    'name' => $component->name,
                    'part' => isset($sizing->choices[$component->id]) ? $sizing->choices[$component->id]->taken->label() : null,
                ];
            }
        }

        return $components;
    }

    /** @return list<array{id: string, name: string}> */
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
            $isSplit = $stretch->isPerFan() && count(array_unique(array_map(static fn (Wire $wire): string => $wire->reel, $wires))) > 1;
            foreach ($wires as $wire) {
                $id = $isSplit ? $stretch->on($wire->reel) : $stretch->value;
                $stretches[$id] = [
                    'id' => $id,
                    'label' => $stretch->label().($isSplit ? ', '.lcfirst($sizing->circuit->reels[$wire->reel]->name) : ''),
                    'lengthM' => $wire->run->lengthM,
                    'zone' => $wire->run->zone->value,
                    'ambientC' => $wire->run->ambientC,
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
            $inputs[] = ['id' => $id, ...$input];
        }
        $marks = [];
        foreach ($sizing->circuit->feelers() as $id => $feeler) {
            $marks[] = ['id' => $id, 'mark' => $feeler->mark, 'onC' => $feeler->band()->onC, 'offC' => $feeler->band()->offC];
        }

        return [
            'inputs' => $inputs,
            'marks' => $marks,
            'delayS' => $sizing->brief->control->afterRun?->delayS,
            'faults' => array_map(
                static fn (string $id, array $kinds): array => [
                    'id' => $id,
                    'kinds' => array_map(static fn (FaultKind $kind): string => $kind->value, $kinds),
                ],
                array_keys(Faults::possible($sizing->circuit)),
                Faults::possible($sizing->circuit),
            ),
        ];
    }
}
