<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;
use LampThread\Brief\ThermalAction;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** A contact that temperature works: a screw-in switch, or a capillary thermostat. */
final readonly class TemperatureSwitch extends Component implements FeelsTemperature, Settling
{
    /** Closed contact, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.02;

    /** Thread of the body in clean metal, Ω (common practice, no source). */
    private const BODY_OHM = 0.005;

    /** @param  string|null  $bodyEarth  the earth its body is screwed into; null where it has none or needs none */
    public function __construct(
        string $id,
        string $mark,
        string $name,
        private TemperatureBand $band,
        private ThermalAction $action,
        public float $ratedA,
        private ?string $bodyEarth = null,
    ) {
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
        return [$this->band->onC, '°C'];
    }

    public function elements(Setting $setting, int $position): array
    {
        $elements = [];
        if (($position === Hysteresis::HOT) === ($this->action === ThermalAction::ClosesWhenHot)) {
            $elements[] = new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), self::CONTACT_OHM);
        }
        if ($this->bodyEarth !== null) {
            $elements[] = new Resistor("{$this->id}-body", $this->terminal('2'), $this->bodyEarth, self::BODY_OHM);
        }

        return $elements;
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function start(Setting $setting): int
    {
        return Hysteresis::of($this->band, $setting, $this->id);
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        return $position;
    }

    public function worked(): int
    {
        return Hysteresis::HOT;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
