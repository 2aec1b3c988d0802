<?php

declare(strict_types=1);

namespace LampThread\Scenario;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Fault\IdleWhere;
use LampThread\Network\Element\Element;
use LampThread\Operation\OperatingPoint;

/**
 * Faults that change nothing in a state, known without solving: a branch that carries no current may be opened, two points of one
 * voltage may be joined, a contact that stands where it is stuck is not stuck (substitution theorem).
 */
final readonly class FaultsWithoutEffect
{
    /** Above what leaks everywhere, A and V: below these nothing flows and nothing lies across. */
    private const NO_CURRENT_A = 1e-6;

    private const NO_VOLTAGE_V = 1e-3;

    /** @var array<string, Component&StatefulComponent> by id */
    private array $stateful;

    /** @var array<string, bool> sensor to whether what it does goes with the temperature */
    private array $isProportional;

    public function __construct(private Circuit $circuit)
    {
        $this->stateful = array_column($circuit->each(StatefulComponent::class), null, 'id');
        $this->isProportional = array_map(static fn (TemperatureSensing $sensor): bool => $sensor->isProportional(), $circuit->sensors());
    }

    public function includes(string $part, Fault $fault, OperatingPoint $point): bool
    {
        $component = $this->stateful[$part] ?? null;
        $position = $point->position($part);

        return match ($fault->idleWhere()) {
            IdleWhere::NothingFlows => $this->carriesNothing($part, $point, static fn (): bool => true),
            IdleWhere::NothingFlowsInIt => $this->carriesNothing($part, $point, static fn (Element $element): bool => $fault->isIn($element->name())),
            IdleWhere::NothingFlowsInCoil => abs($point->currentA("{$part}-coil")) < self::NO_CURRENT_A,
            IdleWhere::AtEarth => $this->isAtEarth($part, $point),
            IdleWhere::NothingAcross => $this->hasNothingAcross($part, $point),
            IdleWhere::AtRest => $position === 0,
            IdleWhere::Actuated => $position === $component?->actuatedPosition(),
            // What goes with the temperature stands elsewhere at each reading, which only solving tells.
            IdleWhere::ReadsTheSame => $component !== null && ! $this->isProportional[$part]
                && $component->initialPosition($point->conditions) === $component->initialPosition(
                    $point->conditions->withFaults($point->conditions->faults->and($part, $fault)),
                ),
            IdleWhere::Nowhere => false,
        };
    }

    /** @param  \Closure(Element): bool  $counts */
    private function carriesNothing(string $part, OperatingPoint $point, \Closure $counts): bool
    {
        foreach ($point->elementsByPart()[$part] ?? [] as $element) {
            if ($counts($element) && abs($point->currentA($element->name())) >= self::NO_CURRENT_A) {
                return false;
            }
        }

        return true;
    }

    private function isAtEarth(string $wire, OperatingPoint $point): bool
    {
        $elements = $point->elementsByPart()[$wire] ?? [];

        return array_filter($elements, static fn (Element $element): bool => abs($point->voltages->at($element->to())) >= self::NO_VOLTAGE_V) === [];
    }

    private function hasNothingAcross(string $part, OperatingPoint $point): bool
    {
        foreach ($this->circuit->components[$part]->paths() as $path) {
            if (abs($point->voltages->across($path->from, $path->to)) >= self::NO_VOLTAGE_V) {
                return false;
            }
        }

        return true;
    }
}
