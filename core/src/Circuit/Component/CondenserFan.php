<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** The vehicle's own condenser fan and the wire that feeds it, as far as a trigger taken from that wire sees them. */
final readonly class CondenserFan extends Component implements HasInput
{
    public const INPUT = 'condenser-fan';

    public const OFF = 'off';

    public const ON = 'on';

    /** What the usual one draws at its system voltage, A (common practice, no source). */
    private const RUNNING_A = 9.0;

    /** The vehicle's own relay and wire to it, Ω (common practice, no source). */
    private const LEAD_OHM = 0.022;

    public function __construct(string $mark, private int $systemV)
    {
        parent::__construct(self::INPUT, $mark, Message::of('component.condenser-fan'));
    }

    /** Its plus, where the trigger is tapped. */
    public function plus(): string
    {
        return $this->terminal('+');
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [
            new ConductionPath(VehicleFuse::behind(VehicleFuse::CONDENSER_FAN), $this->plus(), Symbol::MakeContact),
            new ConductionPath($this->plus(), Rail::EARTH, Symbol::Motor),
        ];
    }

    public function faults(): array
    {
        return [new Open];
    }

    public function loadElement(): string
    {
        return "{$this->id}-motor";
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $motor = new Resistor("{$this->id}-motor", $this->plus(), Rail::EARTH, $this->systemV / self::RUNNING_A);
        $isOn = $conditions->key === Key::Run && $conditions->position(self::INPUT, self::OFF) === self::ON;

        return $isOn ? [$motor, new Resistor($this->id, VehicleFuse::behind(VehicleFuse::CONDENSER_FAN), $this->plus(), self::LEAD_OHM)] : [$motor];
    }

    public function input(): string
    {
        return self::INPUT;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.condenser-fan');
    }

    public function inputPositions(): array
    {
        return [self::OFF, self::ON];
    }

    public function source(): InputSource
    {
        return InputSource::AirConditioning;
    }
}
