<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\AirConditioningTrigger;
use LampThread\Brief\OverrideKind;
use LampThread\Brief\PressureDecider;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Diode;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;

/** How the air conditioning makes the first stage run. The computer and a controller's own input are dealt with where those are. */
final readonly class AirConditioned implements Arrangement
{
    /** @param  TriggerLine|null  $line  of that stage; null where what decides carries the fan itself */
    public function __construct(private AirConditioningTrigger $trigger, private Stage $stage, private ?TriggerLine $line) {}

    public function install(Harness $harness): void
    {
        if ($this->trigger === AirConditioningTrigger::SeparateRelay) {
            $this->separateRelay($harness);
        } elseif ($this->line !== null) {
            match ($this->trigger) {
                AirConditioningTrigger::InterposingRelay => $this->interposingRelay($harness, $this->line),
                AirConditioningTrigger::Diode => $this->diode($harness, $this->line),
                AirConditioningTrigger::Joined => $harness->wire(
                    (string) $harness->left(Line::CLUTCH), $this->line->joint(), Stretch::Clutch, Colour::Trigger, CoilSupply::REEL,
                ),
                AirConditioningTrigger::PressureSwitch => $this->pressureSwitch($harness, $this->line),
                default => null,
            };
        }
    }

    /** One for each fan, so that two fans' leads never meet; its contact joins at the fan, so the clutch is never fed back. */
    private function separateRelay(Harness $harness): void
    {
        foreach ($this->stage->fanIds as $fanId) {
            $id = "{$fanId}-air-conditioning";
            $name = $harness->brief->fan($fanId)->name;
            $relay = $this->relay($harness, $id, "Air-conditioning relay, {$name}");
            [$fused, $reel] = FusedFeed::lay($harness, $id, "{$name}, air conditioning", "{$fanId}:+", "{$fanId}:-");
            $harness->wire($fused, $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $reel);
            $harness->wire($relay->terminal('87'), "{$fanId}:+", Stretch::RelayToFan, Colour::FanFeed, $reel);
        }
    }

    private function interposingRelay(Harness $harness, TriggerLine $line): void
    {
        $relay = $this->relay($harness, 'air-conditioning', 'Air-conditioning relay');
        $line->bridge($harness, $relay->terminal('30'), $relay->terminal('87'), Stretch::CoilToEarth, Stretch::CoilToEarth, 'bay');
    }

    private function diode(Harness $harness, TriggerLine $line): void
    {
        $diode = $harness->add(new Diode('air-conditioning-diode', $harness->mark('V'), 'Diode'));
        $clutch = (string) $harness->left(Line::CLUTCH);
        $harness->wire($clutch, $diode->terminal('A'), Stretch::Clutch, Colour::Trigger, CoilSupply::REEL);
        $harness->wire($diode->terminal('K'), $line->joint(), Stretch::CoilToEarth, Colour::Trigger, CoilSupply::REEL);
    }

    private function pressureSwitch(Harness $harness, TriggerLine $line): void
    {
        $switch = $harness->add(new PressureSwitch(
            'pressure-switch',
            $harness->mark('B'),
            'Pressure switch',
            PressureDecider::USUAL_RATED_A,
        ));
        $line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Sensor, Stretch::SensorEarth, 'radiator');
    }

    /** Its coil from the clutch wire to earth; where there is a cut-out, through its second pole. */
    private function relay(Harness $harness, string $id, string $name): Relay
    {
        $relay = $harness->add(new Relay("{$id}-relay", $harness->mark('K'), $name, $harness->fitted->relay("{$id}-relay"), Zone::Bay));
        $clutch = (string) $harness->left(Line::CLUTCH);
        $harness->wire($clutch, $relay->terminal('86'), Stretch::Clutch, Colour::Trigger, CoilSupply::REEL);
        if ($harness->brief->control->override?->kind === OverrideKind::CutOut) {
            $harness->wire($relay->terminal('85'), 'override:3', Stretch::Dash, Colour::Override, CoilSupply::REEL);
            $harness->wire('override:4', $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, CoilSupply::REEL);
        } else {
            $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, CoilSupply::REEL);
        }

        return $relay;
    }
}
