<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\CondenserFan;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Control\TapFuse;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * A small relay on the feed of the vehicle's own condenser fan, its contact joined to the shared trigger: the fan runs whenever that one
 * does. Right for a variable compressor too, because the vehicle runs its condenser fan by pressure.
 */
final readonly class CondenserFanOutput extends Trigger
{
    private const FUSE = 'air-conditioning-tap-fuse';

    private const WIRES = 'air-conditioning-tap-wire';

    public static function kind(): string
    {
        return 'condenser-fan';
    }

    public function suitsVariableCompressor(): bool
    {
        return true;
    }

    public function usesClutchWire(): bool
    {
        return false;
    }

    public function hasFedRelay(): bool
    {
        return true;
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        if ($harness->component(self::FUSE) === null) {
            $fuseA = $harness->brief->control->airConditioning->fuseA ?? VehicleFuse::USUAL_FAN_A;
            $harness->add(new VehicleFuse(VehicleFuse::CONDENSER_FAN, $harness->mark('FV'), $fuseA));
            $fan = $harness->add(new CondenserFan($harness->mark('M'), $harness->brief->supply->systemV));
            TapFuse::install($harness, self::FUSE, self::WIRES, $fan->plus(), ['air-conditioning-relay:86', 'air-conditioning-relay:85']);
        }
        $id = self::id($harness, $stage, 'air-conditioning');
        $relay = $this->relay($harness, $id, Message::of('component.air-conditioning-relay'), self::FUSE.':2', self::WIRES);
        $line?->bridge($harness, $relay->terminal('30'), $relay->terminal('87'), Stretch::CoilToEarth, Stretch::CoilToEarth, 'relays');
    }

    public function asks(OperatingConditions $conditions, bool $coilIsFed): bool
    {
        return $coilIsFed && $conditions->key === Key::Run && $conditions->position(CondenserFan::INPUT, CondenserFan::OFF) === CondenserFan::ON;
    }
}
