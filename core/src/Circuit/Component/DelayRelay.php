<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\AfterRun;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;

/** A time-delay relay: closed for its time after it was started, by the key going out or by a push. */
final readonly class DelayRelay extends Component
{
    /** What the usual one carries, A (common practice, no source). */
    public const RATED_A = 30.0;

    private const CONTACT_OHM = 0.003;

    public function __construct(string $mark, private AfterRun $afterRun)
    {
        parent::__construct('after-run-relay', $mark, 'Time-delay relay');
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('30'), $this->terminal('87'), Symbol::DelayMake)];
    }

    public function figure(): array
    {
        return [$this->afterRun->delayS, 's'];
    }

    public function elements(Setting $setting, int $position): array
    {
        $isStarted = $this->afterRun->isPush || $setting->key === Key::Off;
        $isRunning = $setting->elapsedS !== null && $setting->elapsedS < $this->afterRun->delayS;

        return $isStarted && $isRunning
            ? [new Resistor('after-run-relay', $this->terminal('30'), $this->terminal('87'), self::CONTACT_OHM)]
            : [];
    }
}
