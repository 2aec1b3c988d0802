<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\OriginalCircuit;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OriginalCoil;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;
use LampThread\Parts\Conductor;

/** A relay of the loom's in the place of the vehicle's, on the vehicle's own wires. */
final readonly class ReplacedRelay implements Arrangement
{
    /** Copper of the vehicle's wires to a coil, mm² (common practice, no source). */
    private const COIL_MM2 = 1.0;

    public function __construct(private Stage $stage, private OriginalCircuit $original) {}

    public function install(Harness $harness): void
    {
        $first = $this->stage->fanIds[0];
        $relay = $harness->add(new Relay(
            "{$first}-relay",
            $harness->mark('K'),
            Message::of('component.replaced-relay', fan: $harness->brief->fan($first)->name),
            $harness->selection->relay("{$first}-relay"),
            Zone::Bay,
        ));
        $coilFuse = "{$this->stage->id}-original-coil-fuse";
        $coil = $harness->add(new OriginalCoil("{$this->stage->id}-original", $harness->mark('XV'), $coilFuse));
        $fuseId = "{$this->stage->id}-original-fuse";
        $there = Conductor::ofArea($this->original->takenAreaMm2());
        $group = $harness->group(new WireGroup(
            "{$this->stage->id}-original-wire", Message::of('wire-group.original', fan: $harness->brief->fan($first)->name), $fuseId, "{$first}:+", "{$first}:-",
            given: $there,
        ))->id;
        $isEarthSide = $this->stage->side === Side::Earth;
        $harness->group(new WireGroup(TriggerLine::WIRES, Message::of('wire-group.trigger'), $coilFuse, $coil->keyFeed(), Rail::EARTH, isThin: true));
        $harness->wire(VehicleFuse::behind($fuseId), $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);
        foreach ($this->stage->fanIds as $fanId) {
            $into = $harness->find(SharedTerminal::feedOf($fanId)) ?? "{$fanId}:+";
            $out = $harness->find(SharedTerminal::returnOf($fanId)) ?? "{$fanId}:-";
            $harness->wire($relay->terminal('87'), $into, Stretch::RelayToFan, Colour::FanFeed, $group);
            $harness->wire($out, $harness->fanEarth($harness->brief->fan($fanId)), Stretch::FanToEarth, Colour::Earth, $group);
        }
        $coilWires = $harness->group(new WireGroup(
            "{$this->stage->id}-original-coil-wire", Message::of('wire-group.original-coil', fan: $harness->brief->fan($first)->name), $coilFuse, $coil->keyFeed(),
            Rail::EARTH, isThin: true, given: Conductor::ofArea(self::COIL_MM2),
        ))->id;
        if ($isEarthSide) {
            $harness->wire($coil->keyFeed(), $relay->terminal('86'), Stretch::CoilToEarth, Colour::CoilFeed, $coilWires);
        } else {
            $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, $coilWires);
        }
    }
}
