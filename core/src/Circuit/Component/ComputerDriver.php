<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\ComputerOutput;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** One output of the engine computer that goes to earth while the ignition is on and it wants the fan. */
final readonly class ComputerDriver extends Component implements FeelsTemperature, Listens, Settling
{
    /** Output transistor, Ω (common practice, no source). */
    private const DRIVER_OHM = 0.5;

    /** Resistor through which the computer feeds its sensor, Ω (common practice, no source). */
    private const PULL_UP_OHM = 2200.0;

    /** Share of the supply above which the sensor's circuit reads as open. */
    private const OPEN_FROM_SHARE = 0.99;

    public float $ratedA;

    /**
     * @param  bool  $hearsAirConditioning  whether it runs the fan when the air conditioning asks
     * @param  bool  $hasSensorCircuit  whether the sensor's circuit is part of this loom, at terminal S
     */
    public function __construct(
        string $id,
        string $mark,
        string $name,
        private ComputerOutput $output,
        private bool $hearsAirConditioning,
        private bool $hasSensorCircuit,
    ) {
        parent::__construct($id, $mark, $name);
        $this->ratedA = $output->ratedA;
    }

    public function passes(): array
    {
        $passes = [new Pass($this->terminal('out'), 'battery:-', Symbol::Module)];

        return $this->hasSensorCircuit
            ? [...$passes, new Pass('battery:+', $this->terminal('S'), Symbol::Module)]
            : $passes;
    }

    public function figure(): array
    {
        return [$this->output->band->onC, '°C'];
    }

    public function elements(Setting $setting, int $position): array
    {
        if ($setting->key !== Key::Run) {
            return [];
        }
        $elements = [];
        $asked = $this->hearsAirConditioning && $setting->position(Clutch::INPUT, Clutch::OFF) === Clutch::ON;
        if ($position === Hysteresis::HOT || $asked) {
            $elements[] = new Resistor($this->id, $this->terminal('out'), 'battery:-', self::DRIVER_OHM);
        }
        if ($this->hasSensorCircuit) {
            $elements[] = new Resistor("{$this->id}-pull-up", 'battery:+', $this->terminal('S'), self::PULL_UP_OHM);
        }

        return $elements;
    }

    public function band(): TemperatureBand
    {
        return $this->output->band;
    }

    public function start(Setting $setting): int
    {
        return Hysteresis::of($this->output->band, $setting, $this->id);
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        $readsOpen = $this->hasSensorCircuit
            && $volts->at($this->terminal('S')) > self::OPEN_FROM_SHARE * $volts->at('battery:+');

        return $this->output->openReadsHot && $readsOpen ? Hysteresis::HOT : $this->start($setting);
    }

    public function worked(): int
    {
        return Hysteresis::HOT;
    }

    public function isMechanical(): bool
    {
        return false;
    }

    public function input(): string
    {
        return Clutch::INPUT;
    }

    public function inputLabel(): string
    {
        return 'Air conditioning';
    }

    public function inputPositions(): array
    {
        return $this->hearsAirConditioning ? [Clutch::OFF, Clutch::ON] : [Clutch::OFF];
    }
}
