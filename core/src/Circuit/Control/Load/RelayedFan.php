<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Fan;
use LampThread\Brief\RelayLead;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * A relay for each fan of the stage, each with its own fuse: they can be swapped at the roadside. Or one relay for them all. In the fans'
 * plus, or in their minus.
 */
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

    public function contact(): ?array
    {
        $relay = $this->relays()[0];

        return $this->switchesMinus() ? null : ["{$relay}:30", "{$relay}:87"];
    }

    public function hasSide(): bool
    {
        return true;
    }

    public function switchesMinus(): bool
    {
        return $this->stage->relayLead === RelayLead::Minus;
    }

    public function isFedPastCoilFeed(): bool
    {
        return false;
    }

    public function fedInput(): null
    {
        return null;
    }

    /** Current of all its fans, A. */
    private function runA(Harness $harness): float
    {
        return array_sum(array_map(static fn (string $id): float => $harness->brief->fan($id)->runA, $this->stage->fanIds));
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
            if ($this->switchesMinus()) {
                $harness->wire($from, $motor->terminal('+'), Stretch::RelayToFan, Colour::BatteryFeed, $branch);
                $harness->wire($motor->terminal('-'), $this->relays()[$this->stage->sharesRelay ? 0 : $at].':30', Stretch::FanToEarth, Colour::Earth, $branch);

                continue;
            }
            $into = $harness->find(SharedTerminal::feedOf($fanId)) ?? $motor->terminal('+');
            $out = $harness->find(SharedTerminal::returnOf($fanId));
            $harness->wire($from, $into, Stretch::RelayToFan, Colour::FanFeed, $branch);
            if ($out === null) {
                $harness->wire($motor->terminal('-'), $harness->fanEarth($fan), Stretch::FanToEarth, Colour::Earth, $branch);
            } else {
                $harness->wire($out, $harness->fanEarth($fan), Stretch::FanToEarth, Colour::Earth, $branch);
            }
        }
    }

    /** @return array{string, string} the terminal its fans are fed from and the group of wires */
    private function feed(Harness $harness, Fan $fan): array
    {
        [$fused, $group] = FusedFeed::install($harness, $fan->id, Message::verbatim($fan->name), "{$fan->id}:+", "{$fan->id}:-");
        $relay = $harness->add(new Relay(
            "{$fan->id}-relay",
            $harness->mark('K'),
            Message::of('component.fan-relay', fan: $fan->name),
            $harness->selection->relay("{$fan->id}-relay"),
            $harness->relayPlace("{$fan->id}-relay"),
        ));
        if ($this->switchesMinus()) {
            $earth = $harness->earth('bay', $this->stage->sharesRelay ? $this->runA($harness) : $fan->runA);
            $harness->wire($relay->terminal('87'), $earth, Stretch::FuseToRelay, Colour::Earth, $group);

            return [$fused, $group];
        }
        $harness->wire($fused, $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);

        return [$relay->terminal('87'), $group];
    }
}
