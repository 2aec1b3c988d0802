<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\AfterRun;
use LampThread\Brief\AfterRunStart;
use LampThread\Brief\Control;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\PushButton;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A time-delay relay in parallel with the first fan's own: 30 to 30, 87 to 87. */
final readonly class AfterRunRelay implements Arrangement
{
    /** Id of the switch that runs the fan, and on. */
    private const SWITCH = 'after-run-switch';

    private const OFF = 'off';

    private const ON = 'on';

    /** What a small dash switch carries, A (common practice, no source). */
    private const SWITCH_RATED_A = 10.0;

    /** @param  array{string, string}  $contact  ends of the contact it lies beside, the feed's first */
    public function __construct(private AfterRun $afterRun, private string $fanId, private array $contact) {}

    public function install(Harness $harness): void
    {
        $relay = $harness->add(new DelayRelay($harness->mark('K'), $this->afterRun, $harness->brief->supply->systemV));
        [$feed, $out] = $this->contact;
        $group = "{$this->fanId}-wire";
        $harness->wire($feed, $relay->terminal('30'), Stretch::CoilToEarth, Colour::BatteryFeed, $group);
        $harness->wire($relay->terminal('87'), $out, Stretch::CoilToEarth, Colour::FanFeed, $group);
        $harness->wire($relay->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
        match ($this->afterRun->startedBy) {
            AfterRunStart::Key => $harness->wire(
                CoilSupply::keyFeed($harness), $relay->terminal(DelayRelay::TRIGGER), Stretch::FuseToCoil, Colour::CoilFeed, CoilSupply::keyGroup($harness),
            ),
            AfterRunStart::Push => self::push($harness, $relay),
            AfterRunStart::Switch => self::switch($harness, $relay),
        };
    }

    private static function push(Harness $harness, DelayRelay $relay): void
    {
        $button = $harness->add(new PushButton($harness->mark('S')));
        $harness->wire($relay->terminal(DelayRelay::TRIGGER), $button->terminal('1'), Stretch::Dash, Colour::Trigger, TriggerLine::WIRES);
        $harness->wire($button->terminal('2'), $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, TriggerLine::WIRES);
    }

    /** One switch on the plus side is both: on by hand, and let go it starts the time. Its feed has a fuse of its own and is live with the key out. */
    private static function switch(Harness $harness, DelayRelay $relay): void
    {
        $switch = $harness->add(new HandSwitch(
            self::SWITCH, $harness->mark('S'), Message::of('component.after-run-switch'), self::SWITCH_RATED_A, '/control/afterRun', [self::OFF => [], self::ON => [['1', '2']]],
        ));
        $trigger = $relay->terminal(DelayRelay::TRIGGER);
        [$fused, $group] = FusedFeed::install($harness, self::SWITCH, Message::of('use.after-run'), $trigger, $relay->terminal('31'));
        $harness->wire($fused, $switch->terminal('1'), Stretch::Dash, Colour::CoilFeed, $group);
        $harness->wire($switch->terminal('2'), $trigger, Stretch::Dash, Colour::Trigger, $group);
    }

    /** Why an after-run does not go with the rest; null where it does. */
    public static function refusal(Control $control): ?Message
    {
        return match (true) {
            LoadOf::stage($control->stages[0])->contact() === null || $control->speeds !== null => Message::of('refusal.after-run-needs-own-relay'),
            default => null,
        };
    }

    /** Whether it runs the fan now. */
    public static function runs(AfterRun $afterRun, OperatingConditions $conditions): bool
    {
        $isTiming = $conditions->elapsedS !== null && $conditions->elapsedS < $afterRun->delayS && ($conditions->key === Key::Off || $afterRun->startedBy->isByHand());

        return $isTiming || ($afterRun->startedBy === AfterRunStart::Switch && $conditions->position(self::SWITCH, self::OFF) === self::ON);
    }
}
