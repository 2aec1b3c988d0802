<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Reel;
use LampThread\Electrics\Element\Element;
use LampThread\Electrics\LeastPath;
use LampThread\Electrics\OperatingPoint;

/** Volts lost at each step from battery plus to a load and from it back to battery minus, in its hardest setting. */
final readonly class Ladder
{
    /** @param  list<array{name: string, volts: float, isReturn: bool}>  $rungs */
    private function __construct(public string $reel, public float $supplyV, public float $loadV, public array $rungs) {}

    /** @return self|null null where nothing leads to the load in any setting */
    public static function of(Reel $reel, Circuit $circuit, Duty $duty): ?self
    {
        $wires = $circuit->wiresOf($reel);
        if ($wires === []) {
            return null;
        }
        $point = $duty->hardestFor($wires[0]->id, $reel->loadFrom, $reel->loadTo);
        $there = LeastPath::from($point, Circuit::SUPPLY)[$reel->loadFrom] ?? null;
        $back = LeastPath::from($point, Circuit::EARTH)[$reel->loadTo] ?? null;
        if ($there === null || $back === null) {
            return null;
        }
        $rungs = [
            ...array_map(static fn (Element $element): array => self::rung($element, $point, false), $there),
            ...array_map(static fn (Element $element): array => self::rung($element, $point, true), array_reverse($back)),
        ];

        return new self($reel->id, $point->volts->at(Circuit::SUPPLY), $point->volts->across($reel->loadFrom, $reel->loadTo), $rungs);
    }

    /** @return array{name: string, volts: float, isReturn: bool} */
    private static function rung(Element $element, OperatingPoint $point, bool $isReturn): array
    {
        $component = $point->circuit->components[$point->circuit->owner($element->name())] ?? null;

        return [
            'name' => $component === null ? $element->name() : "{$component->mark} {$component->name}",
            'volts' => abs($point->volts->across($element->from(), $element->to())),
            'isReturn' => $isReturn,
        ];
    }
}
