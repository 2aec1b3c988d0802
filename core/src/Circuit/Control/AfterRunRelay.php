<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\AfterRun;
use LampThread\Brief\Control;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\PushButton;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A time-delay relay in parallel with the first fan's own: 30 to 30, 87 to 87. */
final readonly class AfterRunRelay implements Arrangement
{
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
        $trigger = $relay->terminal(DelayRelay::TRIGGER);
        if ($this->afterRun->isPush) {
            $button = $harness->add(new PushButton($harness->mark('S')));
            $harness->wire($trigger, $button->terminal('1'), Stretch::Dash, Colour::Trigger, TriggerLine::WIRES);
            $harness->wire($button->terminal('2'), $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, TriggerLine::WIRES);
        } else {
            $harness->wire(CoilSupply::keyFeed($harness), $trigger, Stretch::FuseToCoil, Colour::CoilFeed, CoilSupply::keyGroup($harness));
        }
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
        return $conditions->elapsedS !== null && $conditions->elapsedS < $afterRun->delayS && ($conditions->key === Key::Off || $afterRun->isPush);
    }
}
