<?php

declare(strict_types=1);

namespace LampThread\Network\Element;

/**
 * Permanent-magnet DC motor with a fan on it: the torque it needs rises with the square of its speed.
 *
 * From running current I_r at V_r and start current I_s: Ra = V_r/I_s, E_r = V_r − I_r·Ra. At a voltage V across its terminals
 * the back-EMF E solves I_r·Ra/E_r²·E² + E − V = 0 and the current is I = I_r(E/E_r)². Source: the motor's voltage equation
 * with the fan laws (torque ∝ speed²), standard electrical-machine texts.
 */
final readonly class MotorModel
{
    /** Share of the running current that brush and bearing friction takes before the fan turns (common practice, no source). */
    private const BREAKAWAY_SHARE = 0.1;

    /** Share of rated speed below which friction stops it (common practice, no source). */
    private const STANDSTILL_SHARE = 0.05;

    /** Share of rated speed at which a start counts as done. */
    private const RUN_UP_SHARE = 0.95;

    public float $armatureOhm;

    /** Back-EMF at the rated point, V. */
    public float $ratedEmfV;

    /** Voltage a motor at rest needs to start turning, V. */
    public float $breakawayV;

    /**
     * @param  float  $ratedV  V, above 0
     * @param  float  $runA  A, above 0
     * @param  float  $startA  A, above $runA
     */
    public function __construct(float $ratedV, public float $runA, float $startA)
    {
        $this->armatureOhm = $ratedV / $startA;
        $this->ratedEmfV = $ratedV - $runA * $this->armatureOhm;
        $this->breakawayV = self::BREAKAWAY_SHARE * $runA * $this->armatureOhm;
    }

    /** One that takes so many times its current at every voltage: a heavier load on a lower resistance, or the other way. */
    public function times(float $factor): self
    {
        return new self($this->ratedEmfV + $this->runA * $this->armatureOhm, $this->runA * $factor, ($this->ratedEmfV / $this->armatureOhm + $this->runA) * $factor);
    }

    /** One whose brushes add a resistance, Ω: the same load, and more volts for it. */
    public function inSeriesWith(float $ohm): self
    {
        $ratedV = $this->ratedEmfV + $this->runA * ($this->armatureOhm + $ohm);

        return new self($ratedV, $this->runA, $ratedV / ($this->armatureOhm + $ohm));
    }

    /** Back-EMF of the turning motor, V; carries the sign of the voltage. */
    public function emfV(float $terminalV): float
    {
        $a = $this->runA * $this->armatureOhm / $this->ratedEmfV ** 2;
        // The root in the form that loses no digits near standstill.
        $emfV = 2.0 * abs($terminalV) / (1.0 + sqrt(1.0 + 4.0 * $a * abs($terminalV)));

        return $terminalV < 0 ? -$emfV : $emfV;
    }

    /** Current of the turning motor, A. */
    public function currentA(float $terminalV): float
    {
        $share = $this->emfV($terminalV) / $this->ratedEmfV;

        return $this->runA * $share * abs($share);
    }

    /** Slope dI/dV of the turning motor, S. */
    public function slopeS(float $terminalV): float
    {
        $a = $this->runA * $this->armatureOhm / $this->ratedEmfV ** 2;

        return 2.0 * $this->runA * abs($this->emfV($terminalV)) / $this->ratedEmfV ** 2
            / sqrt(1.0 + 4.0 * $a * abs($terminalV));
    }

    /** Speed over rated speed; negative when it turns backwards. */
    public function speedShare(float $terminalV): float
    {
        return $this->emfV($terminalV) / $this->ratedEmfV;
    }

    /**
     * How fast its back-EMF rises for each ampere more than its load takes, V/(A·s): J/k² the other way up.
     *
     * Found from the time it takes to 95 % of rated speed at rated supply. There dE/dt = a·I_r·(1 − e)(e + s) with e = E/E_r and
     * s = I_s/I_r, whose integral by partial fractions is (ln 1/(1 − e) + ln (e + s)/s)/(1 + s).
     *
     * @param  float  $runUpS  from standstill to 95 % of rated speed at rated supply, s, above 0
     */
    public function emfVPerAs(float $runUpS): float
    {
        $startRatio = ($this->ratedEmfV + $this->runA * $this->armatureOhm) / $this->armatureOhm / $this->runA;
        $integral = (log(1 / (1 - self::RUN_UP_SHARE)) + log((self::RUN_UP_SHARE + $startRatio) / $startRatio)) / (1 + $startRatio);

        return $this->ratedEmfV / $this->runA * $integral / $runUpS;
    }

    /** Resistance in its lead that leaves a share of rated speed at rated supply, Ω. */
    public function droppingOhm(float $speedShare): float
    {
        $currentA = $this->runA * $speedShare ** 2;
        $ratedV = $this->ratedEmfV + $this->runA * $this->armatureOhm;

        return ($ratedV - $speedShare * $this->ratedEmfV - $currentA * $this->armatureOhm) / $currentA;
    }

    /** Whether a motor that turns or rests now turns at this voltage. */
    public function turns(bool $turning, float $terminalV): bool
    {
        return $turning
            ? abs($this->speedShare($terminalV)) >= self::STANDSTILL_SHARE
            : abs($terminalV) >= $this->breakawayV;
    }
}
