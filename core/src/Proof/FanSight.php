<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Indicator;
use LampThread\Operation\OperatingPoint;

/**
 * What the fans do in a state, and what the indicator shows of it.
 *
 * @internal
 */
final readonly class FanSight
{
    /** Voltage from which a lamp is seen to be lit and a fan is fed, V of each of the system's (common practice, no source). */
    private const LIT_SHARE = 0.3;

    /** @var list<FanMotor> */
    public array $motors;

    private float $litV;

    /** @var list<string> ids of the dash's lamps */
    private array $lamps;

    public function __construct(Circuit $circuit, int $systemV)
    {
        $this->motors = $circuit->each(FanMotor::class);
        $this->litV = self::LIT_SHARE * $systemV;
        $this->lamps = Indicator::lamps($circuit);
    }

    /**
     * @param  array<string, Demand>  $demands
     * @return float of the fans that are demanded, m³/h
     */
    public function airM3h(OperatingPoint $point, array $demands): float
    {
        $airM3h = 0.0;
        foreach ($this->motors as $motor) {
            if (($demands[$motor->id] ?? Demand::Rest)->runs()) {
                $airM3h += $motor->fan->flowM3h * self::flowShare($motor, $point);
            }
        }

        return $airM3h;
    }

    /** Air a fan moves over what it is rated for. */
    public static function flowShare(FanMotor $motor, OperatingPoint $point): float
    {
        return $motor->flowShare($point->position($motor->id), $point->voltages, $point->conditions->faults);
    }

    /** Whether any fan has voltage. */
    public function isFed(OperatingPoint $point): bool
    {
        foreach ($this->motors as $motor) {
            if (abs($motor->volts($point->voltages)) > $this->litV) {
                return true;
            }
        }

        return false;
    }

    /** Whether any indicator is lit. */
    public function isLit(OperatingPoint $point): bool
    {
        foreach ($this->lamps as $lamp) {
            if ($point->currentA($lamp) !== 0.0 && abs($point->voltages->across("{$lamp}:1", "{$lamp}:2")) > $this->litV) {
                return true;
            }
        }

        return false;
    }
}
