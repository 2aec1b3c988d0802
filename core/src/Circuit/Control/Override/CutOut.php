<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** Stops the fan: for deep water or a dynamometer. Cuts the coil feed, and by a second pole the earth of relays with a feed of their own. */
final readonly class CutOut extends Override
{
    public static function kind(): string
    {
        return 'cut-out';
    }

    public function canRun(): bool
    {
        return false;
    }

    public function canStop(): bool
    {
        return true;
    }

    public function isCut(OperatingConditions $conditions): bool
    {
        return $conditions->position(self::SWITCH, '') === 'cut';
    }

    public function refusal(Control $control): ?Message
    {
        $stage = $control->stages[0];
        $decider = DeciderOf::stage($stage);

        return match (true) {
            $decider->worksWithoutCoilFeed() => Message::of('refusal.no-coil-feed-to-cut'),
            $decider->keepsOriginalWiring() => Message::of('refusal.cuts-original-trigger'),
            default => null,
        };
    }

    public function demand(bool $isFirstStage, OperatingConditions $conditions): ?Demand
    {
        return $this->isCut($conditions) ? Demand::HeldOff : null;
    }

    public function installInCoilFeed(Harness $harness, string $fused): void
    {
        $cutsEarth = $harness->brief->control->airConditioning?->trigger->hasFedRelay() === true;
        $switch = $this->switch($harness, ['normal' => $cutsEarth ? [['1', '2'], ['3', '4']] : [['1', '2']], 'cut' => []], 'component.cut-out');
        $harness->wire($fused, $switch->terminal('1'), Stretch::Dash, Colour::CoilFeed, TriggerLine::WIRES);
        $harness->share(SharedTerminal::COIL_FEED, $switch->terminal('2'));
    }

    public function earth(Harness $harness, string $coilMinus): void
    {
        $harness->wire($coilMinus, self::SWITCH.':3', Stretch::Dash, Colour::Override, TriggerLine::WIRES);
        $harness->wire(self::SWITCH.':4', $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, TriggerLine::WIRES);
    }
}
