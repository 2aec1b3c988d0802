<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Lockout;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\LockoutSwitch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\StarterSignal;
use LampThread\Circuit\Control\TapFuse;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** Off while the starter turns. */
final readonly class CrankingLockout implements Lockout
{
    /** Share of the system's voltage on 50 from which it opens (common practice, no source). */
    private const OPENS_FROM_SHARE = 0.5;

    private const FUSE = 'starter-tap-fuse';

    private const WIRES = 'starter-tap-wire';

    public static function field(): string
    {
        return 'cranking';
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        $systemV = $harness->brief->supply->systemV;
        $first = $harness->component("{$harness->brief->control->stages[0]->id}-cranking-lockout");
        $module = $first instanceof LockoutSwitch ? $first : null;
        $switch = $harness->add(new LockoutSwitch(
            "{$line->stage->id}-cranking-lockout", $module->mark ?? $harness->mark('K'), Message::of('component.cranking-lockout'), LockoutSwitch::SIGNAL,
            self::OPENS_FROM_SHARE * $systemV, $systemV, module: $module,
        ));
        $line->insert($harness, ...[...$switch->contact(), Stretch::CoilToEarth]);
        if ($module !== null) {
            return;
        }
        $signal = $harness->component(StarterSignal::ID) ?? $harness->add(new StarterSignal($harness->mark('S')));
        // The starter's wire has no fuse, or a large one: what is taken from it has its own.
        $fused = TapFuse::install(
            $harness, self::FUSE, self::WIRES, $signal->terminal('50'), [$switch->terminal(LockoutSwitch::SIGNAL), $switch->terminal('31')],
        );
        $harness->wire($fused, $switch->terminal(LockoutSwitch::SIGNAL), Stretch::FuseToCoil, Colour::Trigger, self::WIRES);
        $harness->wire($switch->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, self::WIRES);
    }

    public function isInLine(): bool
    {
        return true;
    }

    public function isOpen(OperatingConditions $conditions): bool
    {
        return $conditions->key === Key::Crank;
    }

    public function yieldsToOverride(): bool
    {
        return false;
    }
}
