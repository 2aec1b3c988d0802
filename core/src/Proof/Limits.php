<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\ElectronicThermostat;
use LampThread\Circuit\Component\ExistingFuse;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Electrics\OperatingPoint;
use LampThread\Shelf\FuseGates;
use LampThread\Sizing\WireSizing;

/** How much each element of a circuit may carry for hours, and which fuses open before it burns. */
final readonly class Limits
{
    /** A fan's motor stands this much more than its running current for hours (common practice, no source). */
    private const MOTOR_SHARE = 1.5;

    /** @var array<string, float> element to what it may carry, A; fuses apart */
    private array $mostA;

    /** @var array<string, array{float, FuseGates}> fuse to rating and gates */
    private array $fuses;

    public function __construct(private Circuit $circuit, WireSizing $wires, FuseGates $usual)
    {
        $most = [];
        foreach ($circuit->wires as $wire) {
            $most[$wire->id] = $wires->ampacityA($wire, $wire->conductor);
        }
        $fuses = [];
        foreach ($circuit->components as $id => $component) {
            match (true) {
                $component instanceof Relay => $most += ["{$id}-contact" => $component->part->makeA, "{$id}-rest" => $component->part->restA ?? 0.0],
                $component instanceof TemperatureSwitch, $component instanceof HandSwitch, $component instanceof PressureSwitch,
                $component instanceof ComputerDriver, $component instanceof ElectronicThermostat => $most[$id] = $component->ratedA,
                $component instanceof FanMotor => $most[$id] = self::MOTOR_SHARE * $component->fan->runA,
                $component instanceof Fuse => $fuses[$id] = [$component->fuseA(), $component->part->gates],
                $component instanceof ExistingFuse => $fuses[$id] = [$component->fuseA(), $usual],
                default => null,
            };
        }
        $this->mostA = $most;
        $this->fuses = $fuses;
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
     * What a fault overloads that was not overloaded before.
     *
     * @return array{string, float}|null part or wire and its current, A
     */
    public function burns(OperatingPoint $after, OperatingPoint $before): ?array
    {
        return $this->furthest($after, 1.0, $before);
    }

    /** @return array{string, float}|null part or wire and its current, A */
    private function furthest(OperatingPoint $point, float $share, ?OperatingPoint $than = null): ?array
    {
        $worst = null;
        foreach ($this->mostA as $element => $mostA) {
            $currentA = abs($point->currentA($element));
            $used = $currentA / max($mostA, 1e-9);
            if ($used > $share * (1 + 1e-9) && ($than === null || $currentA > 1.05 * abs($than->currentA($element)))) {
                $share = $used;
                $worst = [$element, $currentA];
            }
        }
        if ($worst === null) {
            return null;
        }

        return [isset($this->circuit->components[$worst[0]]) ? $worst[0] : $this->circuit->owner($worst[0]) ?? $worst[0], $worst[1]];
    }

    /**
     * The fuse that opens first.
     *
     * @return array{string, float}|null id, and the time by which it has surely opened, s; null where all hold
     */
    public function opens(OperatingPoint $point): ?array
    {
        $first = null;
        foreach ($this->fuses as $id => [$ratedA, $gates]) {
            $seconds = $gates->mostS(abs($point->currentA($id)) / $ratedA);
            if (is_finite($seconds) && ($first === null || $seconds < $first[1])) {
                $first = [$id, $seconds];
            }
        }

        return $first;
    }
}
