<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A change-over relay let into each fan's plus: rest contact to what was there, make contact to a fused feed of its own. */
final readonly class ChangeOver extends Override
{
    public static function kind(): string
    {
        return 'change-over';
    }

    public function changesOverFeed(): bool
    {
        return true;
    }

    public function refusal(Control $control): ?Message
    {
        $load = DeciderOf::stage($control->stages[0])->load($control->stages[0]);

        return $load->triggerLine() !== null && $control->speeds === null ? null : Message::of('refusal.change-over-needs-relayed-fan');
    }

    public function demand(bool $isFirstStage, OperatingConditions $conditions): ?Demand
    {
        return $isFirstStage && $conditions->position(self::SWITCH, '') === 'on' ? Demand::Override : null;
    }

    /** Id of the relay let into a fan's plus. */
    public static function relay(string $fanId): string
    {
        return "{$fanId}-override-relay";
    }

    public function installBeforeFans(Harness $harness, Stage $stage): void
    {
        $switch = $this->switch($harness, ['automatic' => [], 'on' => [['1', '2']]]);
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $switch->terminal('1'), Stretch::Dash, Colour::CoilFeed, TriggerLine::WIRES);
        foreach ($stage->fanIds as $fanId) {
            $name = $harness->brief->fan($fanId)->name;
            $relay = $harness->add(new Relay(
                self::relay($fanId),
                $harness->mark('K'),
                Message::of('component.change-over-relay', fan: $name),
                $harness->selection->relay(self::relay($fanId)),
                Zone::Bay,
                isChangeOver: true,
                commonIsOutput: true,
            ));
            $harness->share(SharedTerminal::feedOf($fanId), $relay->terminal('87a'));
            [$fused, $group] = FusedFeed::install($harness, "{$fanId}-override", Message::of('use.override', fan: $name), "{$fanId}:+", "{$fanId}:-");
            $harness->wire($fused, $relay->terminal('87'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);
            $harness->wire($relay->terminal('30'), "{$fanId}:+", Stretch::CoilToEarth, Colour::FanFeed, $group);
            $harness->wire($switch->terminal('2'), $relay->terminal('86'), Stretch::Dash, Colour::Override, TriggerLine::WIRES);
            $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
        }
    }
}
