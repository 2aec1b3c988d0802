<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Network\NodalAnalysis;

/**
 * The equations of fans that start together, on a circuit whose soft start, if any, raises the duty evenly.
 *
 * @internal
 */
final readonly class StartingFans
{
    /** @var list<float> V/(A·s), by fan */
    private array $risePerAs;

    /**
     * @param  list<FanMotor>  $motors
     * @param  non-empty-list<TheveninPorts>  $ports  along the soft start; one where there is none
     */
    public function __construct(private array $motors, private array $ports, private float $softS)
    {
        $this->risePerAs = array_map(static fn (FanMotor $motor): float => $motor->model->emfVPerAs($motor->fan->startS), $motors);
    }

    public function circuitAt(float $timeS): TheveninPorts
    {
        $last = count($this->ports) - 1;
        if ($last === 0 || $timeS >= $this->softS) {
            return $this->ports[$last];
        }
        $place = $timeS / $this->softS * $last;

        return $this->ports[(int) $place]->towards($this->ports[(int) $place + 1], $place - (int) $place);
    }

    /**
     * Where the currents settle, their inductance apart, A.
     *
     * @param  list<float>  $emfV
     * @return list<float>
     */
    public function settledA(float $timeS, array $emfV): array
    {
        $circuit = $this->circuitAt($timeS);
        $currents = [];
        foreach ($this->motors as $at => $_) {
            $currents[] = $circuit->at($at, $emfV);
        }

        return $currents;
    }

    /**
     * Back-EMF and the voltage across the inductance together: with these in place of its back-EMF alone each fan draws the
     * current it draws now, and so the rest of the circuit is seen as it is now.
     *
     * @param  list<float>  $state  back-EMFs, then currents
     * @return list<float>
     */
    public function opposingV(float $timeS, array $state): array
    {
        $emfV = array_slice($state, 0, count($this->motors));
        $circuit = $this->circuitAt($timeS);
        $opposing = [];
        foreach ($this->settledA($timeS, $emfV) as $at => $towardsA) {
            $opposing[] = $emfV[$at] + ($towardsA - $state[count($emfV) + $at]) / $this->conductanceS($circuit, $at);
        }

        return $opposing;
    }

    /**
     * Slopes of the back-EMFs, with the currents settled.
     *
     * @param  list<float>  $emfV
     * @return list<float>
     */
    public function slopes(float $timeS, array $emfV): array
    {
        return $this->rising($emfV, $this->settledA($timeS, $emfV));
    }

    /**
     * Slopes of the back-EMFs and then of the currents, which follow where they would settle by their inductance.
     *
     * @param  list<float>  $state  back-EMFs, then currents
     * @return list<float>
     */
    public function laggedSlopes(float $timeS, array $state): array
    {
        $emfV = array_slice($state, 0, count($this->motors));
        $currentA = array_slice($state, count($this->motors));
        $slopes = $this->rising($emfV, $currentA);
        $circuit = $this->circuitAt($timeS);
        foreach ($this->motors as $at => $motor) {
            $lagS = RunUp::ARMATURE_S * $motor->model->armatureOhm * $this->conductanceS($circuit, $at);
            // Where the rest of the circuit lets next to nothing through, the lag is shorter than anyone can see.
            $slopes[] = ($circuit->at($at, $emfV) - $currentA[$at]) / max($lagS, RunUp::FAST_STEP_S);
        }

        return $slopes;
    }

    /**
     * How much less a fan draws for each volt that opposes it when the others are opposed alike, S: fans that start together do so
     * with all their inductances at once, and in series each feels the other's.
     */
    private function conductanceS(TheveninPorts $circuit, int $fan): float
    {
        $conductanceS = 0.0;
        foreach ($circuit->perVolt as $perVolt) {
            $conductanceS -= $perVolt[$fan];
        }

        return max($conductanceS, NodalAnalysis::LEAKAGE_S);
    }

    /**
     * @param  list<float>  $emfV
     * @param  list<float>  $currentA
     * @return list<float>
     */
    private function rising(array $emfV, array $currentA): array
    {
        $slopes = [];
        foreach ($this->motors as $at => $motor) {
            $share = $emfV[$at] / $motor->model->ratedEmfV;
            $slopes[] = $this->risePerAs[$at] * ($currentA[$at] - $motor->model->runA * $share * abs($share));
        }

        return $slopes;
    }
}
