<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\EngineSpeedSwitch;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;

/**
 * A contact that its module opens by a signal: while the starter turns, or above or below an engine speed. Without supply or signal it
 * stays as it rests: closed, or open where it closes above its speed.
 */
final readonly class LockoutSwitch extends Component implements StatefulComponent
{
    public const SIGNAL = 'W';

    public const OPENED = 1;

    private const CONTACT_OHM = 0.02;

    /** What it draws for itself, and its input, Ω (common practice, no source). */
    private const SUPPLY_OHM = 600.0;

    private const INPUT_OHM = 47_000.0;

    /** Share of the system's voltage it works from (common practice, no source). */
    private const WORKS_FROM_SHARE = 0.5;

    /**
     * @param  string  $supply  number of the terminal it is supplied by; the signal's own where that works it
     * @param  float  $signalV  signal it hears, V
     * @param  self|null  $module  the one in whose body this is a second contact
     * @param  EngineSpeedSwitch|null  $speed  what it is set to, where that is an engine speed
     */
    public function __construct(
        string $id,
        string $mark,
        Message $name,
        private string $supply,
        private float $signalV,
        private int $systemV,
        private ?EngineSpeedSwitch $speed = null,
        private ?self $module = null,
    ) {
        parent::__construct($id, $mark, $name);
    }

    public function termination(string $number): Termination
    {
        return Termination::Clamp;
    }

    public function paths(): array
    {
        $contact = new ConductionPath(...[...$this->contact(), Symbol::Lockout]);

        return $this->module !== null ? [$contact] : [
            $contact,
            new ConductionPath($this->terminal(self::SIGNAL), $this->terminal('31'), Symbol::Module),
            ...($this->hasOwnSupply() ? [new ConductionPath($this->terminal($this->supply), $this->terminal('31'), Symbol::Module)] : []),
        ];
    }

    /** @return array{string, string} the ends of its contact */
    public function contact(): array
    {
        return $this->module === null ? [$this->terminal('1'), $this->terminal('2')] : [$this->terminal('3'), $this->terminal('4')];
    }

    public function figure(): ?Quantity
    {
        return $this->speed === null ? null : Unit::Rpm->of($this->speed->rpm);
    }

    public function faults(): array
    {
        return [new StuckOff, new StuckOn, new Open];
    }

    public function electronics(): ?array
    {
        return $this->hasOwnSupply() && $this->module === null ? [$this->terminal($this->supply), $this->terminal('31')] : null;
    }

    public function partsList(): array
    {
        if ($this->module !== null) {
            return [];
        }
        $set = fn (float $rpm): Message => Message::of('part.set-to-speed', part: $this->name, speed: Unit::Rpm->of($rpm));

        return [new PartsListEntry($this->speed === null ? $this->name : $set($this->speed->rpm))];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $contact = new Resistor($this->id, ...[...$this->contact(), self::CONTACT_OHM]);
        if ($this->module !== null) {
            return $position === self::OPENED ? [] : [$contact];
        }
        $elements = [new Resistor("{$this->id}-input", $this->terminal(self::SIGNAL), $this->terminal('31'), self::INPUT_OHM)];
        if ($this->hasOwnSupply()) {
            $elements[] = new Resistor("{$this->id}-supply", $this->terminal($this->supply), $this->terminal('31'), self::SUPPLY_OHM);
        }
        if ($position !== self::OPENED) {
            $elements[] = $contact;
        }

        return $elements;
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return $this->isNormallyOpen() ? self::OPENED : 0;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $body = $this->module ?? $this;
        $earth = $body->terminal('31');
        $isSupplied = $voltages->across($body->terminal($this->supply), $earth) >= self::WORKS_FROM_SHARE * $this->systemV;

        $isHeard = $voltages->across($body->terminal(self::SIGNAL), $earth) >= $this->signalV;
        // A speed is told by the pulses' rate, which no loss in a wire changes; that they arrive is told by the voltage.
        $isFast = $this->speed === null || $conditions->engineRpm >= $this->speed->rpm;

        return ($isSupplied && $isHeard && $isFast) === $this->isNormallyOpen() ? 0 : self::OPENED;
    }

    public function actuatedPosition(): int
    {
        return $this->isNormallyOpen() ? 0 : self::OPENED;
    }

    private function isNormallyOpen(): bool
    {
        return $this->speed?->action->restsOpen() === true;
    }

    public function isMechanical(): bool
    {
        return false;
    }

    private function hasOwnSupply(): bool
    {
        return $this->supply !== self::SIGNAL;
    }
}
