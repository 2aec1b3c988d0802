<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Supply;
use LampThread\Circuit\Fault\BatteryFault;
use LampThread\Message\Message;
use LampThread\Network\Element\Element;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodeVoltages;

/** The battery: its resting voltage behind its resistance. On charge a full one takes little, an emptier one more. */
final readonly class Battery extends Component implements StatefulComponent
{
    public const ID = 'battery';

    public const DISCHARGING = 0;

    public const CHARGING = 1;

    /** Share of its ampere-hours a full battery takes as amperes at the charging voltage (common practice, no source). */
    private const FLOAT_SHARE = 0.02;

    /** What it takes more, for each share of its charge that is gone (common practice, no source: a quarter empty takes a tenth of its Ah). */
    private const ACCEPTS_SHARE = 0.4;

    /** Resting voltage an empty one has lost, and resistance it has gained, over those of a full one (common practice, no source). */
    private const EMPTY_LOST_SHARE = 0.09;

    private const EMPTY_OHM_SHARE = 1.0;

    /** What resistance grows with each kelvin below the usual temperature (common practice, no source). */
    private const COLD_OHM_SHARE_PER_K = 0.01;

    private const USUAL_C = 25.0;

    /** Voltage and resistance of one that is nearly empty over those of a full one (common practice, no source). */
    private const LOW_SHARE = 0.93;

    private const LOW_OHM_SHARE = 2.0;

    /** It rests at so much more or less, over its voltage (common practice, no source). */
    private const LIMIT_OF_VOLTS = 0.04;

    /** Charged, it takes so much more or less, A for each Ah: nobody knows how full it is (common practice, no source). */
    private const LIMIT_OF_CHARGE = 0.2;

    /** A jump start takes this long, s (common practice, no source). */
    private const JUMP_START_S = 30.0;

    public function __construct(private Supply $supply)
    {
        parent::__construct(self::ID, 'G1', Message::of('component.battery'));
    }

    public function paths(): array
    {
        return [];
    }

    public function faults(): array
    {
        return [
            new BatteryFault(FaultKind::LowCharge, $this->source(self::LOW_SHARE, self::LOW_OHM_SHARE), isByHand: false, letsCrank: true),
            new BatteryFault(FaultKind::PolesExchanged, $this->source(-1.0), isByHand: true, letsCrank: false),
            new BatteryFault(FaultKind::DoubleVoltage, $this->source(2.0), isByHand: true, letsCrank: true, lastsS: self::JUMP_START_S),
        ];
    }

    /** As it would be at rest, with shares of its voltage and of its resistance. */
    private function source(float $share, float $ohmShare = 1.0): VoltageSource
    {
        return new VoltageSource(self::ID, Rail::SUPPLY, Rail::EARTH, $share * $this->supply->restingV, $ohmShare * $this->supply->batteryMilliohm / 1000);
    }

    public function limit(Element $element, float $ampere, float $volts): Limit
    {
        return $ampere > 0.0 ? Limit::taken(self::LIMIT_OF_CHARGE * $this->supply->batteryAh) : Limit::inSeries(self::LIMIT_OF_VOLTS * $volts);
    }

    public function isStud(): bool
    {
        return true;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $gone = 1 - $conditions->chargeShare;
        $restingV = $this->supply->restingV * (1 - self::EMPTY_LOST_SHARE * $gone);
        $coldOhmShare = 1 + self::COLD_OHM_SHARE_PER_K * max(0.0, self::USUAL_C - $conditions->batteryC);
        $ohm = $position === self::DISCHARGING
            ? $this->supply->batteryMilliohm / 1000 * (1 + self::EMPTY_OHM_SHARE * $gone) * $coldOhmShare
            : ($this->supply->chargingV - $restingV) / ((self::FLOAT_SHARE + self::ACCEPTS_SHARE * $gone) * $this->supply->batteryAh);

        return [new VoltageSource(self::ID, Rail::SUPPLY, Rail::EARTH, $restingV, $ohm)];
    }

    /**
     * The supply in the moment something is switched on: the voltage that was there, behind the battery's resistance. An
     * alternator's field is too slow to help.
     */
    public function atOnce(bool $isCharged): VoltageSource
    {
        $volts = $isCharged ? $this->supply->chargingV : $this->supply->restingV;

        return new VoltageSource(self::ID, Rail::SUPPLY, Rail::EARTH, $volts, $this->supply->batteryMilliohm / 1000);
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return $conditions->engineRpm > 0 ? self::CHARGING : self::DISCHARGING;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $restingV = $this->supply->restingV * (1 - self::EMPTY_LOST_SHARE * (1 - $conditions->chargeShare));

        return $voltages->across(Rail::SUPPLY, Rail::EARTH) > $restingV ? self::CHARGING : self::DISCHARGING;
    }

    public function actuatedPosition(): int
    {
        return self::CHARGING;
    }

    public function isMechanical(): bool
    {
        return false;
    }
}
