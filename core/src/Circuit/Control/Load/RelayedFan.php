<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Fan;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A relay for each fan of the stage, each with its own fuse: they can be swapped at the roadside. Or one relay for them all. */
final readonly class RelayedFan implements Load
{
    public function __construct(private Stage $stage) {}

    public function triggerLine(): TriggerLine
    {
        return TriggerLine::of($this->stage, $this->relays());
    }

    public function hasOwnRelay(): bool
    {
        return true;
    }

    public function switchesMinus(): bool
    {
        return false;
    }

    public function fedInput(): null
    {
        return null;
    }

    /** @return non-empty-list<string> ids of the relays whose coils the stage works */
    private function relays(): array
    {
        $ids = array_map(static fn (string $fanId): string => "{$fanId}-relay", $this->stage->fanIds);

        return $this->stage->sharesRelay ? [$ids[0]] : $ids;
    }

    public function install(Harness $harness): void
    {
        $from = '';
        $group = '';
        foreach ($this->stage->fanIds as $at => $fanId) {
            $fan = $harness->brief->fan($fanId);
            $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
            if ($at === 0 || ! $this->stage->sharesRelay) {
                [$from, $group] = $this->feed($harness, $fan);
            }
            $branch = $this->stage->sharesRelay && count($this->stage->fanIds) > 1 ? FusedFeed::branch($harness, $fan, $group) : $group;
            $into = $harness->find(SharedTerminal::feedOf($fanId)) ?? $motor->terminal('+');
            $harness->wire($from, $into, Stretch::RelayToFan, Colour::FanFeed, $branch);
            $harness->wire($motor->terminal('-'), $harness->fanEarth($fan), Stretch::FanToEarth, Colour::Earth, $branch);
        }
    }

    /** @return array{string, string} the relay's outgoing terminal and the group of wires */
    private function feed(Harness $harness, Fan $fan): array
    {
        [$fused, $group] = FusedFeed::install($harness, $fan->id, Message::verbatim($fan->name), "{$fan->id}:+", "{$fan->id}:-");
        $relay = $harness->add(new Relay(
            "{$fan->id}-relay",
            $harness->mark('K'),
            Message::of('component.fan-relay', fan: $fan->name),
            $harness->selection->relay("{$fan->id}-relay"),
            Zone::Bay,
        ));
        $harness->wire($fused, $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);

        return [$relay->terminal('87'), $group];
    }
}
