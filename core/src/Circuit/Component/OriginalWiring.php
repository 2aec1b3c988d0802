<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Zone;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;
use LampThread\Parts\Copper;
use LampThread\Parts\FuseGates;
use LampThread\Parts\FusePart;

/**
 * The vehicle's own relay and the wires it has to a fan, from the fuse of that circuit to the fan's plus and from its minus to
 * earth. Its coil is fed with the ignition; what earths it is a component of its own. It ends at the fan where it is kept, and at
 * its own terminal 87 where it is cut into.
 */
final readonly class OriginalWiring extends Component implements HasCoil, Protective, StatefulComponent
{
    /** Fuse of the circuit its coil is on, and its coil and contact (common practice, no source). */
    private const COIL_FUSE_A = 10.0;

    private const COIL_OHM_PER_V = 7.0;

    private const PULL_IN_SHARE = 0.65;

    private const DROP_OUT_SHARE = 0.15;

    private const CONTACT_OHM = 0.003;

    /** Length of its plus and of its minus, m (common practice, no source). */
    private const LENGTH_M = 2.0;

    private float $leadOhm;

    /**
     * @param  float  $areaMm2  copper of its wires to the fan, mm²
     * @param  string  $fanId  whose minus it earths
     * @param  string  $trigger  terminal that is earthed to make it run
     * @param  bool  $isCut  whether its plus ends at a cut, to be joined to something else than the fan
     */
    public function __construct(
        string $id,
        string $mark,
        public float $areaMm2,
        private int $systemV,
        private string $fanId,
        private string $trigger,
        public bool $isCut,
    ) {
        parent::__construct($id, $mark, Message::of('component.original-wiring', isCut: $isCut));
        $this->leadOhm = Copper::RESISTIVITY_OHM_MM2_PER_M * self::LENGTH_M / $areaMm2;
    }

    /** Where its plus ends. */
    public function plus(): string
    {
        return $this->isCut ? $this->terminal('87') : "{$this->fanId}:+";
    }

    public function ratedA(): float
    {
        return self::COIL_FUSE_A;
    }

    public function warmA(): float
    {
        return FusePart::ratedAt($this->ratedA(), Zone::Bay->ambientC());
    }

    public function gates(): ?FuseGates
    {
        return null;
    }

    public function opensInCircuit(): bool
    {
        return false;
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [
            new ConductionPath(VehicleFuse::behind(VehicleFuse::EXISTING), $this->plus(), Symbol::MakeContact),
            new ConductionPath(Rail::SUPPLY, $this->trigger, Symbol::Coil),
            new ConductionPath("{$this->fanId}:-", Rail::EARTH, Symbol::BodyThread),
        ];
    }

    /** It is metres of wire with a contact in them. */
    public function isJoint(): bool
    {
        return false;
    }

    public function faultKinds(): array
    {
        return [FaultKind::StuckOff, FaultKind::StuckOn, FaultKind::Open];
    }

    public function remembersPosition(): bool
    {
        return true;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $elements = [new Resistor("{$this->id}-return", "{$this->fanId}:-", Rail::EARTH, $this->leadOhm)];
        if ($conditions->key === Key::Run) {
            $elements[] = new Resistor("{$this->id}-coil", Rail::SUPPLY, $this->trigger, self::COIL_OHM_PER_V * $this->systemV);
        }
        if ($position === Relay::PULLED_IN) {
            $elements[] = new Resistor("{$this->id}-contact", VehicleFuse::behind(VehicleFuse::EXISTING), $this->plus(), self::CONTACT_OHM + $this->leadOhm);
        }

        return $elements;
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return $conditions->memory[$this->id] ?? Relay::RELEASED;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $threshold = $this->systemV * ($position === Relay::PULLED_IN ? self::DROP_OUT_SHARE : self::PULL_IN_SHARE);

        return $this->coilV($conditions, $voltages) >= $threshold ? Relay::PULLED_IN : Relay::RELEASED;
    }

    /** None with the ignition off. */
    public function coilV(OperatingConditions $conditions, NodeVoltages $voltages): float
    {
        return $conditions->key === Key::Run ? $voltages->across(Rail::SUPPLY, $this->trigger) : 0.0;
    }

    public function isPulledIn(int $position): bool
    {
        return $position === Relay::PULLED_IN;
    }

    public function actuatedPosition(): int
    {
        return Relay::PULLED_IN;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
