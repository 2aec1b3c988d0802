<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\OriginalWiring;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;

/** A fan the vehicle's own relay still runs: its wiring is kept whole, or cut at the fan's plus for a change-over relay. */
final readonly class OriginalFan implements Load
{
    /** @param  float  $areaMm2  copper of the vehicle's wires to the fan, mm² */
    public function __construct(private Stage $stage, private float $areaMm2) {}

    /** The wire that what decides earths: whatever earths it too makes the fan run. */
    private function trigger(): string
    {
        return "{$this->stage->id}-output:out";
    }

    public function triggerLine(): TriggerLine
    {
        return TriggerLine::original($this->stage, $this->trigger());
    }

    public function hasOwnRelay(): bool
    {
        return false;
    }

    public function switchesMinus(): bool
    {
        return false;
    }

    public function fedInput(): null
    {
        return null;
    }

    public function install(Harness $harness): void
    {
        $fan = $harness->brief->fan($this->stage->fanIds[0]);
        $harness->add(new FanMotor($harness->mark('M'), $fan));
        $wiring = $harness->add(new OriginalWiring(
            "{$this->stage->id}-original",
            $harness->mark('K'),
            $this->areaMm2,
            $harness->brief->supply->systemV,
            $fan->id,
            $this->trigger(),
            isCut: $harness->brief->control->override?->changesOverFeed() === true,
        ));
        if ($wiring->isCut) {
            $rest = $harness->shared(SharedTerminal::feedOf($fan->id));
            $harness->wire($wiring->plus(), $rest, Stretch::CoilToEarth, Colour::FanFeed, "{$fan->id}-override-wire");
        }
        $harness->group(new WireGroup(TriggerLine::WIRES, Message::of('wire-group.trigger'), $wiring->id, Rail::SUPPLY, $this->trigger(), isThin: true));
    }
}
