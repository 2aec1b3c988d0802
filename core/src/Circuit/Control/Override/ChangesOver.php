<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** What overrides are alike in that are let into the fan's own leads: when they fail, what ran the fan before still does. */
abstract readonly class ChangesOver extends Override
{
    final public function changesOverFeed(): bool
    {
        return true;
    }

    final public function refusal(Control $control): ?Message
    {
        foreach ($this->stages($control) as $stage) {
            if (LoadOf::stage($stage)->triggerLine() === null || LoadOf::stage($stage)->switchesMinus()) {
                return Message::of('refusal.change-over-needs-relayed-fan');
            }
        }

        return $control->speeds === null ? null : Message::of('refusal.change-over-needs-relayed-fan');
    }

    public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand
    {
        return $this->position($conditions) === 'on' ? Demand::Override : null;
    }

    /** Id of the relay let into a fan's plus. */
    final public static function relay(string $fanId): string
    {
        return "{$fanId}-override-relay";
    }

    /** @return list<string> */
    final protected function fanIds(Harness $harness): array
    {
        return array_merge(...array_map(static fn (Stage $stage): array => $stage->fanIds, $this->stages($harness->brief->control)));
    }

    /** @return string the outgoing terminal of a fan's own fuse for this */
    final protected function fused(Harness $harness, string $fanId): string
    {
        $use = Message::of('use.override', fan: $harness->brief->fan($fanId)->name);

        return FusedFeed::install($harness, "{$fanId}-override", $use, "{$fanId}:+", "{$fanId}:-")[0];
    }

    /**
     * A relay in the fan's plus, its rest contact left for what was there.
     *
     * @param  string  $trigger  terminal that feeds its coil
     * @param  string  $feed  terminal that feeds its make contact
     */
    final protected function plus(Harness $harness, string $fanId, string $trigger, string $feed, Stretch $stretch = Stretch::FuseToRelay): void
    {
        $relay = $this->changeOver($harness, self::relay($fanId), $fanId);
        $group = "{$fanId}-override-wire";
        $harness->share(SharedTerminal::feedOf($fanId), $relay->terminal('87a'));
        $harness->wire($feed, $relay->terminal('87'), $stretch, Colour::BatteryFeed, $group);
        $harness->wire($relay->terminal('30'), "{$fanId}:+", Stretch::CoilToEarth, Colour::FanFeed, $group);
        $harness->wire($trigger, $relay->terminal('86'), Stretch::Dash, Colour::Override, TriggerLine::WIRES);
        $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
    }

    /** A relay in its minus beside it, worked with it. */
    final protected function minus(Harness $harness, string $fanId): void
    {
        $relay = $this->changeOver($harness, "{$fanId}-override-minus-relay", $fanId, isPlus: false);
        $beside = self::relay($fanId);
        $group = "{$fanId}-override-wire";
        $harness->share(SharedTerminal::returnOf($fanId), $relay->terminal('87a'));
        $harness->wire("{$fanId}:-", $relay->terminal('30'), Stretch::CoilToEarth, Colour::Earth, $group);
        $harness->wire($relay->terminal('87'), $harness->fanEarth($harness->brief->fan($fanId)), Stretch::FanToEarth, Colour::Earth, $group);
        $harness->wire("{$beside}:86", $relay->terminal('86'), Stretch::CoilToEarth, Colour::Override, TriggerLine::WIRES);
        $harness->wire($relay->terminal('85'), "{$beside}:85", Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
    }

    private function changeOver(Harness $harness, string $id, string $fanId, bool $isPlus = true): Relay
    {
        return $harness->add(new Relay(
            $id,
            $harness->mark('K'),
            Message::of('component.change-over-relay', fan: $harness->brief->fan($fanId)->name, isPlus: $isPlus),
            $harness->selection->relay($id),
            $harness->relayPlace($id),
            isChangeOver: true,
            commonIsOutput: $isPlus,
            isInModule: $this->lowIsUnknown,
        ));
    }
}
