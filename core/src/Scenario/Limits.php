<?php

declare(strict_types=1);

namespace LampThread\Scenario;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Protective;
use LampThread\Operation\OperatingPoint;
use LampThread\Parts\FuseGates;
use LampThread\Parts\FusePart;
use LampThread\Parts\Shelf;
use LampThread\Sizing\Adiabatic;
use LampThread\Sizing\Ampacity;
use LampThread\Sizing\WireSizing;

/** How much each element of a circuit may carry for hours and for moments, and which fuses open before it burns. */
final readonly class Limits
{
    /**
     * How far above its rating insulation is when a short of seconds ruins it, K: 70 to 160 °C for PVC (IEC 60364-4-54, from memory). Wires are
     * chosen with more reserve than that.
     */
    private const SHORT_K = 90.0;

    /** Currents that grow by less than this are as they were. */
    private const GROWN = 1.05;

    /** @var array<string, float> element to what it may carry, A; fuses apart */
    private array $mostA;

    /** @var array<string, string> element to the component or wire it belongs to */
    private array $parts;

    /** @var array<string, array{float, float}> element to the I²t it stands, A²s, and the current it stands for good when overloaded, A */
    private array $heat;

    /** @var array<string, array{float, FuseGates}> fuse to rating and gates */
    private array $fuses;

    /** @var array<string, array{string, float}> fuse to the weakest wire behind it and its ampacity, A */
    private array $weakest;

    public function __construct(Circuit $circuit, Brief $brief, Shelf $shelf)
    {
        $sizing = new WireSizing($shelf, new Ampacity($shelf->ampacityRows), $brief);
        $insulationC = $brief->wiring->insulationC;
        $most = [];
        $parts = [];
        $heat = [];
        $weakest = [];
        foreach ($circuit->wires as $wire) {
            $ampacityA = $sizing->ampacityA($wire, $wire->conductor);
            $most[$wire->id] = $ampacityA;
            $parts[$wire->id] = $wire->id;
            $marginK = max(1e-6, $insulationC - $wire->segment->ambientC);
            $heat[$wire->id] = [
                Adiabatic::withstandA2s($wire->conductor->areaMm2, min($insulationC, $wire->conductorC), $insulationC + self::SHORT_K),
                $ampacityA * sqrt(1 + Adiabatic::OVERLOAD_K / $marginK),
            ];
            $protection = $circuit->wireGroups[$wire->group]->protectedBy;
            if (! $wire->isBeforeFuse() && $ampacityA < ($weakest[$protection][1] ?? INF)) {
                $weakest[$protection] = [$wire->id, $ampacityA];
            }
        }
        $fuses = [];
        foreach ($circuit->components as $id => $component) {
            foreach ($component->currentLimitsA() as $element => $mostA) {
                $most[$element] = $mostA;
                $parts[$element] = $id;
            }
            foreach ($component->heatLimitsA2s() as $element => $heatA2s) {
                $heat[$element] = [$heatA2s, $most[$element] ?? INF];
            }
        }
        foreach ($circuit->each(Protective::class) as $fuse) {
            if ($fuse->opensInCircuit()) {
                $fuses[$fuse->id] = [$fuse->ratedA(), $fuse->gates() ?? $shelf->usualGates()];
            }
        }
        $this->mostA = $most;
        $this->parts = $parts;
        $this->heat = $heat;
        $this->fuses = $fuses;
        $this->weakest = $weakest;
    }

    /** The part or wire that is furthest over what it may carry; null where none is. */
    public function over(OperatingPoint $point): ?string
    {
        return $this->furthest($point, 1.0)[0] ?? null;
    }

    /** A fuse loaded above its rating, which it need not open for. */
    public function overloadedFuse(OperatingPoint $point): ?string
    {
        foreach ($this->fuses as $id => [$ratedA]) {
            if (abs($point->currentA($id)) > $ratedA) {
                return $id;
            }
        }

        return null;
    }

    /**
     * What a fault overloads for good that was not overloaded before.
     *
     * @return array{string, float}|null part or wire and its current, A
     */
    public function burns(OperatingPoint $after, OperatingPoint $before): ?array
    {
        return $this->furthest($after, 1.0, $before);
    }

    /**
     * What a fault heats past what it stands before a fuse has opened.
     *
     * @param  float  $seconds  by which the fuse has surely opened
     * @return array{string, float}|null part or wire and its current, A
     */
    public function burnsWithin(float $seconds, OperatingPoint $after, OperatingPoint $before): ?array
    {
        $worst = null;
        $most = 1.0;
        foreach ($this->heat as $element => [$heatA2s, $forGoodA]) {
            $currentA = abs($after->currentA($element));
            $share = $currentA ** 2 * $seconds / $heatA2s;
            if ($share > $most && $currentA > $forGoodA && $currentA > self::GROWN * abs($before->currentA($element))) {
                $most = $share;
                $worst = [$this->parts[$element], $currentA];
            }
        }

        return $worst;
    }

    /**
     * The wire behind a fuse that the next larger fuse would let burn, and what that fuse lets through.
     *
     * @return array{string, float}|null wire and A; null where every wire stands that fuse
     */
    public function burnsBehindNextUp(string $fuse): ?array
    {
        $nextA = FusePart::nextUpA($this->fuses[$fuse][0]);
        [$wire, $ampacityA] = $this->weakest[$fuse] ?? ['', INF];

        return $nextA > $ampacityA ? [$wire, $nextA] : null;
    }

    /**
     * @param  OperatingPoint|null  $than  what was carried before; null counts everything
     * @return array{string, float}|null part or wire and its current, A
     */
    private function furthest(OperatingPoint $point, float $share, ?OperatingPoint $than = null): ?array
    {
        $worst = null;
        foreach ($this->mostA as $element => $mostA) {
            $currentA = abs($point->currentA($element));
            // A contact there is not carries nothing; what it would carry is endlessly too much.
            $used = fdiv($currentA, $mostA);
            if ($used > $share && ($than === null || $currentA > self::GROWN * abs($than->currentA($element)))) {
                $share = $used;
                $worst = [$this->parts[$element], $currentA];
            }
        }

        return $worst;
    }

    /**
     * The fuse that opens first.
     *
     * @return array{string, float}|null id, and the time by which it has surely opened, s; null where all hold
     */
    public function opens(OperatingPoint $point): ?array
    {
        $first = null;
        foreach ($this->fuses as $id => [, $gates]) {
            $seconds = $gates->mostS(abs($point->currentA($id)) / $this->ratedA($id, $point));
            if (is_finite($seconds) && ($first === null || $seconds < $first[1])) {
                $first = [$id, $seconds];
            }
        }

        return $first;
    }

    /** Rating of what is in a fuse's place in that state, A. */
    private function ratedA(string $id, OperatingPoint $point): float
    {
        $ratedA = $this->fuses[$id][0];

        return $point->conditions->faults->fault($id)?->ratedA($ratedA) ?? $ratedA;
    }
}
