<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\Diode;
use LampThread\Circuit\Component\ElectronicThermostat;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\LockoutContact;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Wire;
use LampThread\Shelf\Shelf;
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
        $crimp = new Crimp($shelf, $sizing->circuit);
        $wires = array_map(static function (Wire $wire) use ($sizing, $crimp): WireRow {
            $greatestA = $sizing->duty->greatestA($wire->id);

            return new WireRow(
                $wire->id,
                $wire->reel,
                $sizing->circuit->terminalName($wire->from),
                $sizing->circuit->terminalName($wire->to),
                $wire->stretch->value,
                $wire->colour->value,
                $wire->colour->label(),
                $wire->conductor->designation,
                $wire->conductor->areaMm2,
                $wire->run->lengthM,
                $crimp->at($wire->from, $wire, $greatestA)->name,
                $crimp->at($wire->to, $wire, $greatestA)->name,
                $greatestA,
                $wire->conductorC,
                $wire->run->given !== null,
            );
        }, $sizing->circuit->wires);

        return new self($wires, self::parts($sizing, $shelf, $wires), Steps::of($sizing));
    }

    /**
     * @param  list<WireRow>  $wires
     * @return list<PartRow>
     */
    private static function parts(Sizing $sizing, Shelf $shelf, array $wires): array
    {
        $parts = [];
        foreach ($sizing->circuit->components as $component) {
            $part = match (true) {
                $component instanceof Relay => $component->part->name.' and base',
                $component instanceof Fuse => $component->part->name.' and sealed holder',
                $component instanceof TemperatureSwitch,
                $component instanceof ElectronicThermostat,
                $component instanceof Stepless => sprintf(
                    '%s, on %g °C, off %g °C', $component->name, $component->band()->onC, $component->band()->offC,
                ),
                $component instanceof HandSwitch => sprintf('%s, %g A', $component->name, $component->ratedA),
                $component instanceof Diode,
                $component instanceof DelayRelay,
                $component instanceof LockoutContact,
                $component instanceof PressureSwitch,
                $component instanceof FixedResistor => $component->name,
                default => null,
            };
            if ($part !== null) {
                $price = $component instanceof Relay || $component instanceof Fuse ? $component->part->price : null;
                $parts[] = new PartRow($part, 1, 'piece', "{$component->mark}, {$component->name}", $price, self::instead($sizing, $component->id));
            }
            if ($component instanceof Stepless) {
                $parts[] = new PartRow(Stepless::capacitor($sizing->brief->supply->systemV), 1, 'piece', "across {$component->mark}’s supply, polarity observed");
            }
        }
        $perMetre = array_column($shelf->catalogue($sizing->brief->wiring->catalogue), 'pricePerM', 'designation');
        $perTerminal = array_column($shelf->terminals(), 'price', 'name');
        $metres = [];
        $terminals = [];
        foreach (array_filter($wires, static fn (WireRow $wire): bool => ! $wire->isThere) as $wire) {
            $cable = "Cable {$wire->size}, {$wire->colourName} ({$wire->colour})";
            $metres[$cable]['m'] = ($metres[$cable]['m'] ?? 0.0) + $wire->lengthM;
            $metres[$cable]['for'][] = $wire->id;
            $metres[$cable]['price'] = $perMetre[$wire->size] ?? null;
            $metres[$cable]['instead'] ??= self::instead($sizing, $wire->reel);
            foreach ([$wire->fromTerminal, $wire->toTerminal] as $terminal) {
                $key = "{$terminal}, for {$wire->size}";
                $terminals[$key] = ($terminals[$key] ?? 0) + 1;
            }
        }
        foreach ($metres as $cable => $cut) {
            $parts[] = new PartRow($cable, round($cut['m'], 2), 'm', implode(', ', $cut['for']), $cut['price'], $cut['instead']);
        }
        foreach ($terminals as $terminal => $count) {
            $price = $perTerminal[explode(', for ', $terminal)[0]] ?? null;
            $parts[] = new PartRow($terminal, $count, 'piece', 'crimped, with adhesive sleeve', $price);
        }

        return $parts;
    }

    private static function instead(Sizing $sizing, string $choice): ?string
    {
        $next = $sizing->choices[$choice]->runnerUp ?? null;

        return $next?->price() === null ? null : sprintf('%s, %.2f', $next->label(), $next->price());
    }
}
