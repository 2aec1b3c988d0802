<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\OriginalCircuit;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\OriginalWiring;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;

/** Fans the vehicle's own relay still runs: its wiring is kept whole, or cut at the fans' leads for change-over relays. */
final readonly class OriginalFan implements Load
{
    /**
     * @param  bool  $isLow  whether it is the low one of two relays of the same fan, through the vehicle's resistor
     * @param  bool  $isSecond  whether another relay of the same fan is there already
     */
    public function __construct(private Stage $stage, private OriginalCircuit $original, private bool $isLow = false, private bool $isSecond = false) {}

    public function triggerLine(): TriggerLine
    {
        $trigger = $this->stage->side === Side::Earth ? '85' : '86';
        $relay = $this->original->isRelayReplaced ? "{$this->stage->fanIds[0]}-relay" : $this->id();

        return TriggerLine::original($this->stage, "{$relay}:{$trigger}", "{$this->id()}:15");
    }

    public function hasOwnRelay(): bool
    {
        return false;
    }

    public function contact(): array
    {
        $fan = $this->stage->fanIds[0];

        return $this->original->isRelayReplaced
            ? ["{$fan}-relay:30", "{$fan}-relay:87"]
            : [VehicleFuse::behind($this->fuseId()), "{$fan}:+"];
    }

    public function switchesMinus(): bool
    {
        return false;
    }

    public function isFedPastCoilFeed(): bool
    {
        return false;
    }

    public function fedInput(): null
    {
        return null;
    }

    private function id(): string
    {
        return "{$this->stage->id}-original";
    }

    private function fuseId(): string
    {
        return "{$this->stage->id}-original-fuse";
    }

    public function install(Harness $harness): void
    {
        foreach ($this->stage->fanIds as $fanId) {
            if ($harness->component($fanId) === null) {
                $harness->add(new FanMotor($harness->mark('M'), $harness->brief->fan($fanId)));
            }
        }
        $isAssumed = $this->original->fuseA === null;
        $harness->add(new VehicleFuse($this->fuseId(), $harness->mark('F'), $this->original->takenFuseA(), VehicleFuse::EXISTING, $isAssumed));
        $harness->add(new VehicleFuse("{$this->id()}-coil-fuse", $harness->mark('FV'), VehicleFuse::USUAL_A, VehicleFuse::ORIGINAL_COIL, isAssumed: true));
        if ($this->original->isRelayReplaced) {
            (new ReplacedRelay($this->stage, $this->original))->install($harness);
        } else {
            $this->keep($harness);
        }
    }

    private function keep(Harness $harness): void
    {
        $first = $this->stage->fanIds[0];
        $wiring = $harness->add(new OriginalWiring(
            $this->id(),
            $harness->mark('K'),
            $this->original,
            $harness->brief->supply->systemV,
            $this->fuseId(),
            "{$this->id()}-coil-fuse",
            $this->stage->fanIds,
            $this->stage->side === Side::Earth,
            $harness->find(SharedTerminal::feedOf($first)) !== null,
            $harness->find(SharedTerminal::returnOf($first)) !== null,
            $this->isLow ? LowSpeedResistor::ohm($harness->brief->fan($first)) : null,
            ! $this->isSecond,
        ));
        foreach ($this->stage->fanIds as $fanId) {
            if ($wiring->isPlusCut) {
                $rest = $harness->shared(SharedTerminal::feedOf($fanId));
                $harness->wire($wiring->plus($fanId), $rest, Stretch::CoilToEarth, Colour::FanFeed, "{$fanId}-override-wire");
            }
            if ($wiring->isMinusCut) {
                $rest = $harness->shared(SharedTerminal::returnOf($fanId));
                $harness->wire($rest, $wiring->minus($fanId), Stretch::CoilToEarth, Colour::Earth, "{$fanId}-override-wire");
            }
        }
        $harness->group(new WireGroup(TriggerLine::WIRES, Message::of('wire-group.trigger'), "{$this->id()}-coil-fuse", $wiring->keyFeed(), Rail::EARTH, isThin: true));
    }
}
