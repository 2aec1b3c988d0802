<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\AirConditioningTrigger;
use LampThread\Brief\Control;
use LampThread\Brief\RequestInput;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Control\Override\OverridesOf;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;

/**
 * How the air conditioning makes stages run, each way in one class: what it does not go with, what it wires for each of them and when it
 * asks. Adding one is a class, its texts, and its line in Control\Kinds.
 */
abstract readonly class Trigger implements AirConditioningTrigger
{
    /** Its word in the job file. */
    abstract public static function kind(): string;

    /** Whether what it hangs on tells of heat where the compressor's own wire is live all the time. */
    public function suitsVariableCompressor(): bool
    {
        return false;
    }

    public function usesClutchWire(): bool
    {
        return true;
    }

    /** Whether it starts no fan at all. */
    public function asksForNothing(): bool
    {
        return false;
    }

    public function request(): ?RequestInput
    {
        return null;
    }

    public function hasFedRelay(): bool
    {
        return false;
    }

    /** Whether it feeds the fan past the trigger line and what locks it. */
    public function feedsFan(): bool
    {
        return false;
    }

    /** Why it does not go with a stage it is to run; null where it does. */
    public function refusal(Control $control, Stage $stage, Load $load): ?Message
    {
        return $load->triggerLine() === null ? Message::of('refusal.no-trigger-to-join') : null;
    }

    /** @param  TriggerLine|null  $line  of that stage; null where what decides carries the fan itself */
    abstract public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void;

    /** What goes before the id of its parts for a stage: nothing for the first stage that is asked for. */
    protected static function id(Harness $harness, Stage $stage, string $word): string
    {
        $first = $harness->brief->control->airConditioning->stageIds[0] ?? $stage->id;

        return $first === $stage->id ? $word : "{$stage->id}-{$word}";
    }

    /** @param  bool  $coilIsFed  whether whatever joins the trigger would run the stage */
    public function asks(OperatingConditions $conditions, bool $coilIsFed): bool
    {
        return $conditions->key === Key::Run && $conditions->position(Clutch::INPUT, Clutch::OFF) === Clutch::ON;
    }

    /**
     * A relay whose coil a wire of the vehicle feeds.
     *
     * @param  string  $group  of that wire, where it has a fuse of its own
     */
    protected function relay(Harness $harness, string $id, Message $name, string $feed, string $group = TriggerLine::WIRES): Relay
    {
        $relay = $harness->add(new Relay("{$id}-relay", $harness->mark('K'), $name, $harness->selection->relay("{$id}-relay"), $harness->relayPlace("{$id}-relay")));
        if (! $harness->hasGroup($group)) {
            $load = [$relay->terminal('86'), $relay->terminal('85')];
            $harness->group(new WireGroup(TriggerLine::WIRES, Message::of('wire-group.trigger'), VehicleFuse::CLUTCH, ...$load, isThin: true));
        }
        $harness->wire($feed, $relay->terminal('86'), Stretch::Clutch, Colour::Trigger, $group);
        foreach (OverridesOf::control($harness->brief->control) as $override) {
            if ($override->earth($harness, $relay->terminal('85'))) {
                return $relay;
            }
        }
        $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, $group);

        return $relay;
    }
}
