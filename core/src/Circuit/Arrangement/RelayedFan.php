<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Fan;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;

/** A relay for each fan of the stage, each with its own fuse: they can be swapped at the roadside. Or one relay for them all. */
final readonly class RelayedFan implements Arrangement
{
    public function __construct(private Stage $stage) {}

    /** @return non-empty-list<string> ids of the relays whose coils the stage works */
    public function relays(): array
    {
        $ids = array_map(static fn (string $fanId): string => "{$fanId}-relay", $this->stage->fanIds);

        return $this->stage->sharesRelay ? [$ids[0]] : $ids;
    }

    public function install(Harness $harness): void
    {
        $from = '';
        $reel = '';
        foreach ($this->stage->fanIds as $at => $fanId) {
            $fan = $harness->brief->fan($fanId);
            $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
            if ($at === 0 || ! $this->stage->sharesRelay) {
                [$from, $reel] = $this->feed($harness, $fan);
            }
            $into = $harness->left(Line::into($fanId)) ?? $motor->terminal('+');
            $harness->wire($from, $into, Stretch::RelayToFan, Colour::FanFeed, $reel);
            $harness->wire($motor->terminal('-'), $harness->earth('bay'), Stretch::FanToEarth, Colour::Earth, $reel);
        }
    }

    /** @return array{string, string} the relay's outgoing terminal and the reel */
    private function feed(Harness $harness, Fan $fan): array
    {
        [$fused, $reel] = FusedFeed::lay($harness, $fan->id, $fan->name, "{$fan->id}:+", "{$fan->id}:-");
        $relay = $harness->add(new Relay(
            "{$fan->id}-relay",
            $harness->mark('K'),
            "Relay, {$fan->name}",
            $harness->fitted->relay("{$fan->id}-relay"),
            Zone::Bay,
        ));
        $harness->wire($fused, $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $reel);

        return [$relay->terminal('87'), $reel];
    }
}
