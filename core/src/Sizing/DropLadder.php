<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;
use LampThread\Network\Element\Element;
use LampThread\Operation\LeastResistancePaths;
use LampThread\Operation\OperatingPoint;

/** Volts lost at each step from battery plus to a load and from it back to battery minus, in its hardest state. */
final readonly class DropLadder
{
    /** @param  list<array{name: Message, volts: float, isReturn: bool, part: string, component: string|null}>  $rungs  component null for a wire */
    private function __construct(public string $group, public float $supplyV, public float $loadV, public array $rungs) {}

    /** @return self|null null where nothing leads to the load in any state */
    public static function of(WireGroup $group, Circuit $circuit, OperatingEnvelope $envelope): ?self
    {
        $wires = $circuit->wiresOf($group);
        if ($wires === []) {
            return null;
        }
        $point = $envelope->hardestFor($wires[0]->id, $group->loadFrom, $group->loadTo);
        $there = LeastResistancePaths::from($point, Rail::SUPPLY)[$group->loadFrom] ?? null;
        $back = LeastResistancePaths::from($point, Rail::EARTH)[$group->loadTo] ?? null;
        if ($there === null || $back === null) {
            return null;
        }
        $rungs = [
            ...array_map(static fn (array $step): array => self::rung($step[0], $step[1], $point, false), $there),
            ...array_map(static fn (array $step): array => self::rung($step[0], $step[1], $point, true), array_reverse($back)),
        ];

        return new self($group->id, $point->voltages->at(Rail::SUPPLY), $point->voltages->across($group->loadFrom, $group->loadTo), $rungs);
    }

    /** Lost in all, V. */
    public function lostV(): float
    {
        return array_sum(array_column($this->rungs, 'volts'));
    }

    /**
     * Lost in what is known, V.
     *
     * @param  list<string>  $assumed  parts and wires that are only taken to be as usual
     */
    public function knownLostV(array $assumed): float
    {
        return array_sum(array_column(array_filter($this->rungs, static fn (array $rung): bool => ! in_array($rung['part'], $assumed, true)), 'volts'));
    }

    /** @return array{name: Message, volts: float, isReturn: bool, part: string, component: string|null} */
    private static function rung(string $part, Element $element, OperatingPoint $point, bool $isReturn): array
    {
        $component = $point->circuit->components[$part] ?? null;

        return [
            'name' => $component === null ? Message::verbatim($part) : Message::of('component.marked', mark: $component->mark, name: $component->name),
            'volts' => abs($point->voltages->across($element->from(), $element->to())),
            'isReturn' => $isReturn,
            'part' => $part,
            'component' => $component?->id,
        ];
    }
}
