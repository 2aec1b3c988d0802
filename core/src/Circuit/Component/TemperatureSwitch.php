<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\ThermalSwitch;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** A thermal switch that closes when hot; between its two temperatures it stays as it was. */
final readonly class TemperatureSwitch extends Component implements Settling
{
    public const OPEN = 0;

    public const CLOSED = 1;

    /** Closed contact, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.02;

    /** Thread of the body in clean metal, Ω (common practice, no source). */
    private const BODY_OHM = 0.005;

    /** @param  string|null  $bodyEarth  the earth its body is screwed into; null where it has none or needs none */
    public function __construct(string $id, string $mark, string $name, public ThermalSwitch $decider, private ?string $bodyEarth)
    {
        parent::__construct($id, $mark, $name);
    }

    public function passes(): array
    {
        $passes = [new Pass($this->terminal('1'), $this->terminal('2'), Symbol::ThermalMake)];
        if ($this->bodyEarth !== null) {
            $passes[] = new Pass($this->terminal('2'), $this->bodyEarth, Symbol::BodyThread);
        }

        return $passes;
    }

    public function figure(): array
    {
        return [$this->decider->onC, '°C'];
    }

    public function elements(Setting $setting, int $position): array
    {
        $elements = [];
        if ($position === self::CLOSED) {
            $elements[] = new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), self::CONTACT_OHM);
        }
        if ($this->bodyEarth !== null) {
            $elements[] = new Resistor("{$this->id}-body", $this->terminal('2'), $this->bodyEarth, self::BODY_OHM);
        }

        return $elements;
    }

    public function start(Setting $setting): int
    {
        return match (true) {
            $setting->coolantC >= $this->decider->onC => self::CLOSED,
            $setting->coolantC <= $this->decider->offC => self::OPEN,
            default => $setting->memory[$this->id] ?? self::OPEN,
        };
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        return $position;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
