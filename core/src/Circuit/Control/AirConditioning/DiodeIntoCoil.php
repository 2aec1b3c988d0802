<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Diode;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A diode from the clutch wire into a supply-side coil. */
final readonly class DiodeIntoCoil extends Trigger
{
    public static function kind(): string
    {
        return 'diode';
    }

    public function refusal(Control $control, Stage $stage, Load $load): ?Message
    {
        return parent::refusal($control, $stage, $load) ?? ($stage->side === Side::Earth ? Message::of('refusal.clutch-wire-is-positive') : null);
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        if ($line === null) {
            return;
        }
        $diode = $harness->add(new Diode(self::id($harness, $stage, 'air-conditioning-diode'), $harness->mark('V'), Message::of('component.diode')));
        $harness->wire($harness->shared(SharedTerminal::CLUTCH), $diode->terminal('A'), Stretch::Clutch, Colour::Trigger, TriggerLine::WIRES);
        $harness->wire($diode->terminal('K'), $line->joint(), Stretch::CoilToEarth, Colour::Trigger, TriggerLine::WIRES);
    }
}
