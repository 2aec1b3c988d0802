<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * Stops the fan: for deep water or a dynamometer. Cuts the coil feed of the loom, by a pole of its own the trigger of every relay of the
 * vehicle's, and by one more the earth of relays that are fed past the coil feed.
 */
final readonly class CutOut extends Override
{
    /** Its poles: in the coil feed, in the earth of relays that are fed past it, and from there on in the vehicle's triggers. */
    private const FEED_POLE = 0;

    private const EARTH_POLE = 1;

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

    /** What must not run in deep water is every fan. */
    protected function usuallyConcerns(Stage $stage, Control $control): bool
    {
        return true;
    }

    public function isCut(OperatingConditions $conditions): bool
    {
        return $this->position($conditions) === 'cut';
    }

    public function refusal(Control $control): ?Message
    {
        foreach ($control->stages as $stage) {
            if (LoadOf::stage($stage)->isFedPastCoilFeed()) {
                return Message::of('refusal.no-coil-feed-to-cut');
            }
        }

        return count($this->stages($control)) === count($control->stages) ? null : Message::of('refusal.cut-out-stops-all');
    }

    public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand
    {
        return $this->isCut($conditions) ? Demand::HeldOff : null;
    }

    public function installInCoilFeed(Harness $harness, string $feed): string
    {
        $this->add($harness, isInFeed: true);
        $harness->wire($feed, $this->terminal(self::FEED_POLE, 0), Stretch::Dash, Colour::CoilFeed, TriggerLine::WIRES);

        return $this->terminal(self::FEED_POLE, 1);
    }

    public function earth(Harness $harness, string $coilMinus): bool
    {
        $this->add($harness);
        $harness->wire($coilMinus, $this->terminal(self::EARTH_POLE, 0), Stretch::Dash, Colour::Override, TriggerLine::WIRES);
        $end = $this->terminal(self::EARTH_POLE, 1);
        if (! $harness->endsAt($end)) {
            $harness->wire($end, $harness->earth('cabin'), Stretch::DashEarth, Colour::Earth, TriggerLine::WIRES);
        }

        return true;
    }

    /** Adds the switch, once, with all the poles it will have. */
    private function add(Harness $harness, bool $isInFeed = false): void
    {
        if ($harness->component($this->switchId()) !== null) {
            return;
        }
        $control = $harness->brief->control;
        $poles = $isInFeed ? [self::pole(self::FEED_POLE)] : [];
        if ($control->airConditioning?->trigger->hasFedRelay() === true) {
            $poles[] = self::pole(self::EARTH_POLE);
        }
        $this->switch($harness, ['normal' => $poles, 'cut' => []], 'component.cut-out');
    }

    /** @return array{string, string} numbers of its ends */
    private static function pole(int $at): array
    {
        return [(string) (2 * $at + 1), (string) (2 * $at + 2)];
    }

    private function terminal(int $pole, int $end): string
    {
        return $this->switchId().':'.self::pole($pole)[$end];
    }
}
