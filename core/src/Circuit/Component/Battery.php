<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Supply;
use LampThread\Electrics\Element\Source;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** The battery: its resting voltage behind its resistance; on charge it takes little, as a full one does. */
final readonly class Battery extends Component implements Settling
{
    public const DISCHARGING = 0;

    public const CHARGING = 1;

    /** Share of its ampere-hours a full battery takes as amperes at the charging voltage (common practice, no source). */
    private const FLOAT_SHARE = 0.02;

    public function __construct(private Supply $supply)
    {
        parent::__construct('battery', 'G1', 'Battery');
    }

    public function passes(): array
    {
        return [];
    }

    public function elements(Setting $setting, int $position): array
    {
        $ohm = $position === self::DISCHARGING
            ? $this->supply->batteryMilliohm / 1000
            : ($this->supply->chargingV - $this->supply->restingV) / (self::FLOAT_SHARE * $this->supply->batteryAh);

        return [new Source('battery', $this->terminal('+'), $this->terminal('-'), $this->supply->restingV, $ohm)];
    }

    /**
     * The supply in the moment something is switched on: the voltage that was there, behind the battery's resistance. An
     * alternator's field is too slow to help.
     */
    public function atOnce(bool $isCharged): Source
    {
        $volts = $isCharged ? $this->supply->chargingV : $this->supply->restingV;

        return new Source('battery', $this->terminal('+'), $this->terminal('-'), $volts, $this->supply->batteryMilliohm / 1000);
    }

    public function start(Setting $setting): int
    {
        return $setting->engineRpm > 0 ? self::CHARGING : self::DISCHARGING;
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        return $volts->across($this->terminal('+'), $this->terminal('-')) > $this->supply->restingV
            ? self::CHARGING
            : self::DISCHARGING;
    }

    public function worked(): int
    {
        return self::CHARGING;
    }

    public function isMechanical(): bool
    {
        return false;
    }
}
