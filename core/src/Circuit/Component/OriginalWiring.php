<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\OriginalCircuit;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;
use LampThread\Parts\Copper;

/**
 * The vehicle's own relay and the wires it has to the fans of a stage, from the fuse of that circuit to each fan's plus and from its minus
 * to earth. Its coil is fed with the ignition, and earthed or fed by what is a component of its own. A lead ends at the fan where it is
 * kept, and at a terminal of its own where it is cut into.
 */
final readonly class OriginalWiring extends Component implements HasCoil, StatefulComponent
{
    /** Its coil and contact (common practice, no source). */
    private const COIL_OHM_PER_V = 7.0;

    private const PULL_IN_SHARE = 0.65;

    private const DROP_OUT_SHARE = 0.15;

    private const CONTACT_OHM = 0.003;

    /** The vehicle's lead from the key to its coil, Ω (common practice, no source). */
    private const KEY_LEAD_OHM = 0.05;

    /** Length of its plus and of its minus, m (common practice, no source). */
    private const LENGTH_M = 2.0;

    private float $leadOhm;

    /**
     * @param  string  $fuseId  of the vehicle's fuse its contact is behind
     * @param  string  $coilFuseId  of the vehicle's fuse its coil is behind
     * @param  non-empty-list<string>  $fanIds  it feeds
     * @param  bool  $isEarthSide  whether its coil is worked by its earth
     * @param  bool  $isPlusCut  whether its plus ends at a cut, to be joined to something else than the fan
     * @param  bool  $isMinusCut  whether its minus does
     * @param  float|null  $lowOhm  resistor in its plus that makes the fan turn slowly, Ω
     * @param  bool  $hasReturn  whether the fan's way to earth is here, and not with another relay of the same fan
     */
    public function __construct(
        string $id,
        string $mark,
        public OriginalCircuit $original,
        private int $systemV,
        public string $fuseId,
        private string $coilFuseId,
        public array $fanIds,
        private bool $isEarthSide,
        public bool $isPlusCut = false,
        public bool $isMinusCut = false,
        private ?float $lowOhm = null,
        private bool $hasReturn = true,
    ) {
        parent::__construct($id, $mark, Message::of('component.original-wiring', isCut: $isPlusCut));
        $this->leadOhm = Copper::RESISTIVITY_OHM_MM2_PER_M * self::LENGTH_M / $original->takenAreaMm2();
    }

    /** Number of the n-th of several like terminals: 87, 87b, 87c. */
    private static function nth(string $number, int $at): string
    {
        return $at === 0 ? $number : $number.chr(ord('a') + $at);
    }

    /** The wire that works it: whatever earths it, or on the supply side feeds it, makes the fan run. */
    public function trigger(): string
    {
        return $this->terminal($this->isEarthSide ? '85' : '86');
    }

    /** The vehicle's feed of the key: at its coil, or where a supply-side trigger takes it. */
    public function keyFeed(): string
    {
        return $this->terminal($this->isEarthSide ? '86' : '15');
    }

    /** The vehicle's feed behind its fuse. */
    public function feed(): string
    {
        return VehicleFuse::behind($this->fuseId);
    }

    /** Where its plus to a fan ends. */
    public function plus(string $fanId): string
    {
        return $this->isPlusCut ? $this->terminal(self::nth('87', $this->at($fanId) + ($this->isSplit() ? 1 : 0))) : "{$fanId}:+";
    }

    /** Whether its plus goes on to several fans, which it joins whether it has pulled in or not. */
    private function isSplit(): bool
    {
        return count($this->fanIds) > 1;
    }

    /** Where its contact ends: at the fan, or where the leads to several part. */
    private function contactEnd(): string
    {
        return $this->isSplit() ? $this->terminal('87') : $this->plus($this->fanIds[0]);
    }

    /** Where its minus from a fan begins. */
    public function minus(string $fanId): string
    {
        return $this->isMinusCut ? $this->terminal(self::nth('31', $this->at($fanId))) : "{$fanId}:-";
    }

    private function at(string $fanId): int
    {
        return (int) array_search($fanId, $this->fanIds, true);
    }

    /** Element of its contact. */
    public function contact(): string
    {
        return "{$this->id}-contact";
    }

    /** The fans' leads are cut and joined end to end; what works it is tapped. */
    public function termination(string $number): Termination
    {
        $leads = [$this->terminal('87'), ...array_map($this->plus(...), $this->fanIds), ...array_map($this->minus(...), $this->fanIds)];

        return in_array($this->terminal($number), $leads, true) ? Termination::Splice : Termination::VehicleWire;
    }

    public function paths(): array
    {
        $paths = [];
        $paths[] = new ConductionPath($this->feed(), $this->contactEnd(), Symbol::MakeContact);
        foreach ($this->isSplit() ? $this->fanIds : [] as $fanId) {
            $paths[] = new ConductionPath($this->contactEnd(), $this->plus($fanId), Symbol::BodyThread);
        }
        $paths[] = new ConductionPath(VehicleFuse::behind($this->coilFuseId), $this->keyFeed(), Symbol::BodyThread);
        $paths[] = new ConductionPath(...[...$this->coil(), Symbol::Coil]);
        foreach ($this->hasReturn ? $this->fanIds : [] as $fanId) {
            $paths[] = new ConductionPath($this->minus($fanId), Rail::EARTH, Symbol::BodyThread);
        }

        return $paths;
    }

    /** @return array{string, string} ends of its coil, in the direction the current takes */
    private function coil(): array
    {
        return $this->isEarthSide ? [$this->keyFeed(), $this->trigger()] : [$this->trigger(), Rail::EARTH];
    }

    /** It is metres of wire with a contact in them. */
    public function isJoint(): bool
    {
        return false;
    }

    public function faults(): array
    {
        return [new StuckOff, new StuckOn, new Open];
    }

    public function remembersPosition(): bool
    {
        return true;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $elements = [];
        foreach ($this->hasReturn ? $this->fanIds : [] as $at => $fanId) {
            $elements[] = new Resistor(self::nth("{$this->id}-return", $at), $this->minus($fanId), Rail::EARTH, $this->leadOhm);
        }
        $elements[] = new Resistor("{$this->id}-coil", ...[...$this->coil(), self::COIL_OHM_PER_V * $this->systemV]);
        if ($conditions->key === Key::Run) {
            $elements[] = new Resistor("{$this->id}-key", VehicleFuse::behind($this->coilFuseId), $this->keyFeed(), self::KEY_LEAD_OHM);
        }
        foreach ($this->isSplit() ? $this->fanIds : [] as $at => $fanId) {
            $elements[] = new Resistor(self::nth("{$this->id}-lead", $at), $this->contactEnd(), $this->plus($fanId), $this->leadOhm);
        }
        if ($position === Relay::PULLED_IN) {
            $ohm = self::CONTACT_OHM + ($this->isSplit() ? 0.0 : $this->leadOhm) + ($this->lowOhm ?? 0.0);
            $elements[] = new Resistor($this->contact(), $this->feed(), $this->contactEnd(), $ohm);
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

        return $this->coilV($voltages) >= $threshold ? Relay::PULLED_IN : Relay::RELEASED;
    }

    public function coilV(NodeVoltages $voltages): float
    {
        return $voltages->across(...$this->coil());
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
