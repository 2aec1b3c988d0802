<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\RequestInput;
use LampThread\Brief\Scale;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Hysteresis;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Control\Load\RelayedFan;

/** What most deciders are alike in: they work a relay of ours by a contact across its trigger line. */
abstract readonly class TriggersRelay implements Decider
{
    public function band(): ?TemperatureBand
    {
        return null;
    }

    public function scale(): ?Scale
    {
        return null;
    }

    public function isFixedPair(): bool
    {
        return false;
    }

    public function leastGapK(): float
    {
        return 0.0;
    }

    public function requestInput(): ?RequestInput
    {
        return null;
    }

    public function needsCompressor(): bool
    {
        return false;
    }

    public function takesOpenSensorAsHot(): bool
    {
        return false;
    }

    public function option(): string
    {
        return static::kind();
    }

    public function askedFields(Stage $stage): array
    {
        return ['ratedA'];
    }

    public function requestWantsEarth(): bool
    {
        return false;
    }

    public function fedInput(Stage $stage): ?array
    {
        return null;
    }

    public function canJoin(): bool
    {
        return true;
    }

    public function side(): ?Side
    {
        return null;
    }

    public function load(Stage $stage): Load
    {
        return new RelayedFan($stage);
    }

    public function refusals(Stage $stage, string $path, Control $control): array
    {
        return [];
    }

    public function asks(Stage $stage, OperatingConditions $conditions, Circuit $circuit): bool
    {
        $sensor = $circuit->sensorOf($stage->id);

        return $sensor !== null && Hysteresis::of($sensor->band(), $conditions, $sensor->id) === Hysteresis::HOT;
    }

    public function demand(): Demand
    {
        return Demand::Temperature;
    }
}
