<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * A relay whose coil the clutch wire feeds and whose contact joins the fan's lead from a fuse of its own. One for each fan, so that two
 * fans' leads never meet; its contact joins at the fan, so the clutch is never fed back.
 */
final readonly class SeparateRelay extends Trigger
{
    public static function kind(): string
    {
        return 'separate-relay';
    }

    public function hasFedRelay(): bool
    {
        return true;
    }

    public function feedsFan(): bool
    {
        return true;
    }

    public function refusal(Control $control, Stage $stage, Load $load): ?Message
    {
        return match (true) {
            $load->switchesMinus() => Message::of('refusal.minus-is-switched'),
            $control->speeds !== null => Message::of('refusal.two-leads-to-join'),
            $control->changesOverFeed($stage) => Message::of('refusal.lead-is-changed-over'),
            default => null,
        };
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        foreach ($stage->fanIds as $fanId) {
            $id = "{$fanId}-air-conditioning";
            $name = $harness->brief->fan($fanId)->name;
            $relay = $this->relay($harness, $id, Message::of('component.air-conditioning-relay-of', fan: $name), $harness->shared(SharedTerminal::CLUTCH));
            [$fused, $group] = FusedFeed::install($harness, $id, Message::of('use.air-conditioning', fan: $name), "{$fanId}:+", "{$fanId}:-");
            $harness->wire($fused, $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);
            $harness->wire($relay->terminal('87'), "{$fanId}:+", Stretch::RelayToFan, Colour::FanFeed, $group);
        }
    }
}
