<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;
use LampThread\Brief\Thermostat;
use LampThread\Brief\ThermostatOutput;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** A thermostat with a probe that works only while it is supplied: terminals 15 and 31, contact 1–2 or output. */
final readonly class ElectronicThermostat extends Component implements FeelsTemperature, Settling
{
    /** Hot, and supplied: the contact is closed. */
    public const SWITCHED = 2;

    /** Contact or output transistor, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.05;

    /** What it draws for itself, Ω at its supply (common practice, no source). */
    private const SUPPLY_OHM = 800.0;

    /** Share of the system's voltage it needs to work (common practice, no source). */
    private const WORKS_FROM_SHARE = 0.6;

    public float $ratedA;

    public function __construct(string $id, string $mark, string $name, private Thermostat $thermostat, private int $systemV)
    {
        parent::__construct($id, $mark, $name);
        $this->ratedA = $thermostat->ratedA;
    }

    /** @return array{string, string} the two terminals its output joins, in the direction the current takes */
    public function output(): array
    {
        return match ($this->thermostat->output) {
            ThermostatOutput::ToEarth => [$this->terminal('out'), $this->terminal('31')],
            ThermostatOutput::ToSupply => [$this->terminal('15'), $this->terminal('out')],
            default => [$this->terminal('1'), $this->terminal('2')],
        };
    }

    public function passes(): array
    {
        return [
            new Pass($this->terminal('15'), $this->terminal('31'), Symbol::Module),
            new Pass(...[...$this->output(), Symbol::ThermalMake]),
        ];
    }

    public function figure(): array
    {
        return [$this->thermostat->band->onC, '°C'];
    }

    public function elements(Setting $setting, int $position): array
    {
        $elements = [new Resistor("{$this->id}-supply", $this->terminal('15'), $this->terminal('31'), self::SUPPLY_OHM)];
        if ($position === self::SWITCHED) {
            $elements[] = new Resistor($this->id, ...[...$this->output(), self::CONTACT_OHM]);
        }

        return $elements;
    }

    public function band(): TemperatureBand
    {
        return $this->thermostat->band;
    }

    public function start(Setting $setting): int
    {
        return Hysteresis::of($this->thermostat->band, $setting, $this->id);
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        $isHot = $position !== Hysteresis::COLD;
        $works = $volts->across($this->terminal('15'), $this->terminal('31')) >= self::WORKS_FROM_SHARE * $this->systemV;

        return $isHot ? ($works ? self::SWITCHED : Hysteresis::HOT) : Hysteresis::COLD;
    }

    public function worked(): int
    {
        return self::SWITCHED;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
