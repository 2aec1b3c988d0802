<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Circuit\Component\FanMotor;

/** A permanent-magnet motor with a fan on it: u = i·R + e, and the torque, and with it the current, goes with the square of the speed: i = i₀·(e/e₀)². */
final readonly class BuiltMotor
{
    private const SHORT_OHM = 0.03;

    /** Worn brushes add so much of what the motor is as a load. */
    private const WORN_SHARE = 0.35;

    private float $soundOhm;

    private float $ohm;

    /** Volts of back-EMF for each root of an ampere. */
    private float $k;

    public function __construct(private FanMotor $motor, Spread $spread, private Defects $defects)
    {
        $fan = $motor->fan;
        $runA = $fan->runA * $spread->draw("{$motor->id} draw", 0.88, 1.12);
        $this->soundOhm = $motor->model->armatureOhm * $spread->draw("{$motor->id} winding", 0.85, 1.15);
        $this->ohm = $this->soundOhm + ($defects->has(DefectKind::Weak, $motor->id) ? self::WORN_SHARE * $fan->ratedV / $fan->runA : 0.0);
        $this->k = ($fan->ratedV - $runA * $this->soundOhm) / sqrt($runA);
    }

    public function addTo(SpiceCircuit $circuit): void
    {
        $id = $this->motor->id;
        $isShort = $this->defects->has(DefectKind::ShortCircuit, $id);
        if ($isShort || $this->defects->has(DefectKind::HeldFast, $id)) {
            $circuit->resistor("{$id}/0", "{$id}:+", "{$id}:-", $isShort ? self::SHORT_OHM : $this->ohm);
        } elseif (! $this->defects->has(DefectKind::Open, $id)) {
            $formula = sprintf('sgn({v})*((sqrt(%.9g+4*%.9g*abs({v}))-%.9g)/(2*%.9g))^2', $this->k ** 2, $this->ohm, $this->k, $this->ohm);
            $circuit->current("{$id}:+", "{$id}:-", $formula);
        }
    }

    /**
     * Over what it was made for, below 0 the wrong way.
     *
     * @param  array<string, float>  $volts  by terminal
     */
    public function speed(array $volts): float
    {
        $id = $this->motor->id;
        foreach ([DefectKind::Open, DefectKind::HeldFast, DefectKind::ShortCircuit] as $kind) {
            if ($this->defects->has($kind, $id)) {
                return 0.0;
            }
        }
        $across = $volts["{$id}:+"] - $volts["{$id}:-"];
        $root = (sqrt($this->k ** 2 + 4 * $this->ohm * abs($across)) - $this->k) / (2 * $this->ohm);
        $rated = $this->motor->fan->ratedV - $this->motor->fan->runA * $this->soundOhm;
        $speed = ($across < 0 ? -1 : 1) * $this->k * $root / $rated;

        return $this->defects->has(DefectKind::LeadsExchanged, $id) ? -$speed : $speed;
    }
}
