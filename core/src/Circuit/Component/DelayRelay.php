<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\AfterRun;
use LampThread\Brief\AfterRunStart;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;

/** A time-delay relay: closed for its time after it was started, by the key going out or by a push. */
final readonly class DelayRelay extends Component implements StatefulComponent
{
    public const ID = 'after-run-relay';

    /** Its trigger: the key's feed going dead, a push to earth, or a switch's plus. */
    public const TRIGGER = '15';

    /** What the usual one carries, A (common practice, no source). */
    private const RATED_A = 30.0;

    private const CONTACT_OHM = 0.003;

    /** Timer and coil while it runs, what it draws at rest, and what holds its trigger up, Ω (common practice, no source). */
    private const TIMER_OHM = 120.0;

    private const IDLE_OHM = 100_000.0;

    private const PULL_UP_OHM = 22_000.0;

    /** Share of its supply it works from, and up to which its trigger counts as dead (common practice, no source). */
    private const WORKS_FROM_SHARE = 0.5;

    private const DEAD_SHARE = 0.25;

    public function __construct(string $mark, private AfterRun $afterRun, private int $systemV)
    {
        parent::__construct(self::ID, $mark, Message::of('component.time-delay-relay'));
    }

    public function paths(): array
    {
        return [
            new ConductionPath($this->terminal('30'), $this->terminal('87'), Symbol::DelayMake),
            new ConductionPath($this->terminal('30'), $this->terminal('31'), Symbol::Module, $this->terminal('31')),
            $this->isSwitched()
                ? new ConductionPath($this->terminal(self::TRIGGER), $this->terminal('31'), Symbol::Module, $this->terminal(self::TRIGGER))
                : new ConductionPath($this->terminal('30'), $this->terminal(self::TRIGGER), Symbol::Module, $this->terminal(self::TRIGGER)),
        ];
    }

    public function figure(): Quantity
    {
        return Unit::Second->of($this->afterRun->delayS);
    }

    public function faults(): array
    {
        return [new StuckOff, new StuckOn, new Open];
    }

    public function rating(): Rating
    {
        return Rating::switched(self::RATED_A, [$this->id], '/control/afterRun');
    }

    public function electronics(): array
    {
        return [$this->terminal('30'), $this->terminal('31')];
    }

    public function partsList(): array
    {
        return [new PartsListEntry($this->name)];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $held = $this->isSwitched() ? $this->terminal('31') : $this->terminal('30');
        $elements = [
            new Resistor("{$this->id}-pull-up", $held, $this->terminal(self::TRIGGER), self::PULL_UP_OHM),
            new Resistor("{$this->id}-idle", $this->terminal('30'), $this->terminal('31'), self::IDLE_OHM),
        ];
        if ($position === 1) {
            $elements[] = new Resistor("{$this->id}-timer", $this->terminal('30'), $this->terminal('31'), self::TIMER_OHM);
            $elements[] = new Resistor($this->id, $this->terminal('30'), $this->terminal('87'), self::CONTACT_OHM);
        }

        return $elements;
    }

    protected function insides(): array
    {
        return ["{$this->id}-pull-up", "{$this->id}-idle", "{$this->id}-timer"];
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return $this->isTiming($conditions) ? 1 : 0;
    }

    /** It was started while its trigger was dead; a push is over as soon as it has been made. */
    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $supplyV = $voltages->across($this->terminal('30'), $this->terminal('31'));
        if ($supplyV < self::WORKS_FROM_SHARE * $this->systemV) {
            return 0;
        }
        if ($this->isSwitched()) {
            $isLive = $voltages->across($this->terminal(self::TRIGGER), $this->terminal('31')) >= self::WORKS_FROM_SHARE * $supplyV;

            return $isLive || $this->isTiming($conditions) ? 1 : 0;
        }
        $isDead = $voltages->across($this->terminal(self::TRIGGER), $this->terminal('31')) <= self::DEAD_SHARE * $supplyV;
        $isStarted = $isDead || ($this->afterRun->startedBy->isByHand() && $conditions->elapsedS !== 0.0);

        return $this->isTiming($conditions) && $isStarted ? 1 : 0;
    }

    /** Whether a switch on the plus side works it, so that it is closed as long as its trigger is live. */
    private function isSwitched(): bool
    {
        return $this->afterRun->startedBy === AfterRunStart::Switch;
    }

    public function actuatedPosition(): int
    {
        return 1;
    }

    public function isMechanical(): bool
    {
        return true;
    }

    private function isTiming(OperatingConditions $conditions): bool
    {
        $isOut = $this->afterRun->startedBy->isByHand() || $conditions->key === Key::Off;

        return $isOut && $conditions->elapsedS !== null && $conditions->elapsedS < $this->afterRun->delayS;
    }
}
