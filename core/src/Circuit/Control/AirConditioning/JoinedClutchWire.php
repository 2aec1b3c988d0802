<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** The clutch wire joined straight to a supply-side coil: the classic fault, kept so that it can be shown. */
final readonly class JoinedClutchWire extends Trigger
{
    public static function kind(): string
    {
        return 'joined';
    }

    public function refusal(Control $control, Stage $stage, Load $load): ?Message
    {
        return parent::refusal($control, $stage, $load) ?? match (true) {
            $stage->side === Side::Earth => Message::of('refusal.clutch-wire-is-positive'),
            count($control->airConditioning->stageIds ?? []) > 1 => Message::of('refusal.joins-triggers'),
            default => null,
        };
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        if ($line !== null) {
            $harness->wire($harness->shared(SharedTerminal::CLUTCH), $line->joint(), Stretch::Clutch, Colour::Trigger, TriggerLine::WIRES);
        }
    }
}
