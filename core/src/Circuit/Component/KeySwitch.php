<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** The vehicle's ignition switch, as far as the tapped circuit: 15 stays live while cranking, 75 drops out. */
final readonly class KeySwitch extends Component
{
    public const ID = 'key';

    /** Switch and the vehicle's own lead to the tap, Ω (common practice, no source). */
    private const OHM = 0.022;

    /** Something else is always on the circuit that is tapped, Ω: switched off it pulls it to earth (common practice, no source). */
    private const REST_OHM = 470.0;

    /** @param  bool  $isWatched  whether something waits for the circuit to go dead, so that what else is on it matters */
    public function __construct(string $mark, private string $circuit, private bool $isWatched = false)
    {
        parent::__construct(self::ID, $mark, Message::of('component.ignition-switch'));
    }

    /** The circuit that is tapped. */
    public function tap(): string
    {
        return $this->terminal($this->circuit);
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [new ConductionPath(VehicleFuse::behind(VehicleFuse::KEY), $this->tap(), Symbol::KeySwitch)];
    }

    public function faults(): array
    {
        return [new Open, new StuckOn($this->closed())];
    }

    private function closed(): Resistor
    {
        return new Resistor($this->id, VehicleFuse::behind(VehicleFuse::KEY), $this->tap(), self::OHM);
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $isClosed = $conditions->key === Key::Run || ($conditions->key === Key::Crank && $this->circuit === '15');

        return [
            ...($isClosed ? [$this->closed()] : []),
            ...($this->isWatched ? [new Resistor("{$this->id}-rest", $this->tap(), Rail::EARTH, self::REST_OHM)] : []),
        ];
    }
}
