<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Control\Decider\PressureDecider;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;

/** A switch on the high-pressure line that joins the trigger. */
final readonly class PressureSwitchTrigger extends Trigger
{
    public static function kind(): string
    {
        return 'pressure-switch';
    }

    public function suitsVariableCompressor(): bool
    {
        return true;
    }

    public function usesClutchWire(): bool
    {
        return false;
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        $switch = $harness->add(new PressureSwitch('pressure-switch', $harness->mark('B'), PressureDecider::USUAL_RATED_A));
        $line?->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Sensor, Stretch::SensorEarth, 'radiator');
    }

    public function asks(OperatingConditions $conditions, bool $coilIsFed): bool
    {
        return $coilIsFed && $conditions->position(PressureSwitch::INPUT, PressureSwitch::NORMAL) === PressureSwitch::HIGH;
    }
}
