<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Network\Element\Element;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;

/**
 * The two terminals a module reads its probe by: a pull-up from its supply, and a return to its earth. An open probe reads as cold, a
 * shorted one as hot. Resistances are common practice, no source.
 */
final readonly class ProbeInput
{
    public const FROM = 'S1';

    public const TO = 'S2';

    private const PULL_UP_OHM = 2200.0;

    private const RETURN_OHM = 0.5;

    /** Share of the supply from which the probe counts as open, and up to which as shorted. */
    private const OPEN_SHARE = 0.97;

    private const SHORT_SHARE = 0.015;

    /** @param  bool  $isSignal  whether it is a computer's signal that is read against the module's earth, with no return of its own */
    public function __construct(private string $moduleId, private string $supply, private string $earth, private bool $isSignal = false) {}

    /** @return list<ConductionPath> */
    public function paths(): array
    {
        return [
            new ConductionPath($this->supply, $this->from(), Symbol::Module, $this->from()),
            ...($this->isSignal ? [] : [new ConductionPath($this->to(), $this->earth, Symbol::Module, $this->to())]),
        ];
    }

    /** @return list<Element> */
    public function elements(): array
    {
        return [
            new Resistor("{$this->moduleId}-probe-feed", $this->supply, $this->from(), self::PULL_UP_OHM),
            ...($this->isSignal ? [] : [new Resistor("{$this->moduleId}-probe-return", $this->to(), $this->earth, self::RETURN_OHM)]),
        ];
    }

    /** @return list<string> elements whose resistances nobody prints */
    public function insides(): array
    {
        return ["{$this->moduleId}-probe-feed"];
    }

    public function isOpen(NodeVoltages $voltages): bool
    {
        return $this->share($voltages) > self::OPEN_SHARE;
    }

    public function isShorted(NodeVoltages $voltages): bool
    {
        return $this->share($voltages) < self::SHORT_SHARE;
    }

    private function share(NodeVoltages $voltages): float
    {
        $supplyV = $voltages->across($this->supply, $this->earth);

        return $supplyV > 0 ? $voltages->across($this->from(), $this->earth) / $supplyV : 0.5;
    }

    private function from(): string
    {
        return "{$this->moduleId}:".self::FROM;
    }

    private function to(): string
    {
        return "{$this->moduleId}:".self::TO;
    }
}
