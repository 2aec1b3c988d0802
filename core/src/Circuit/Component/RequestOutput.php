<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** The output by which the engine computer asks for air for the condenser: to earth while it does. */
final readonly class RequestOutput extends Component implements HasInput
{
    /** Output transistor, Ω (common practice, no source). */
    private const DRIVER_OHM = 0.5;

    public function __construct(string $mark)
    {
        parent::__construct('request-output', $mark, Message::of('component.request-output'));
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('out'), Rail::EARTH, Symbol::Module)];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $isAsked = $conditions->key === Key::Run && $conditions->position(Clutch::INPUT, Clutch::OFF) === Clutch::ON;

        return $isAsked ? [new Resistor($this->id, $this->terminal('out'), Rail::EARTH, self::DRIVER_OHM)] : [];
    }

    public function input(): string
    {
        return Clutch::INPUT;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.air-conditioning');
    }

    public function inputPositions(): array
    {
        return [Clutch::OFF, Clutch::ON];
    }

    public function source(): InputSource
    {
        return InputSource::AirConditioning;
    }
}
