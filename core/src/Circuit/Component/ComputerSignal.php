<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/**
 * The output by which an engine computer tells a power module how much it is to give: pulses to earth, averaged a resistance that stands within what
 * the module takes for a signal. Held at earth, it asks for all. Common practice, no source.
 */
final readonly class ComputerSignal extends Component
{
    /** Pulses of an ordinary duty against the module's own pull-up, Ω (common practice, no source). */
    private const PULSES_OHM = 2200.0;

    private const HELD_OHM = 1.0;

    /** @param  bool  $hearsAirConditioning  whether the computer asks for all while the air conditioning is on */
    public function __construct(string $id, string $mark, private bool $hearsAirConditioning)
    {
        parent::__construct($id, $mark, Message::of('component.computer-signal'));
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), Rail::EARTH, Symbol::Module)];
    }

    public function faults(): array
    {
        return [new Open];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        if ($conditions->key === Key::Off) {
            return [];
        }
        $isHeld = $this->hearsAirConditioning && $conditions->position(Clutch::INPUT, Clutch::OFF) === Clutch::ON;

        return [new Resistor($this->id, $this->terminal('1'), Rail::EARTH, $isHeld ? self::HELD_OHM : self::PULSES_OHM)];
    }
}
