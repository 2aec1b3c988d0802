<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Lockout;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\LockoutSwitch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\TachoSignal;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** Off above an engine speed from which ram air is taken to be enough. */
final readonly class EngineSpeedLockout implements Lockout
{
    /** Share of the signal at its speed that it still hears (common practice, no source). */
    private const HEARD_SHARE = 0.5;

    /** @param  float  $aboveRpm  rpm */
    public function __construct(private float $aboveRpm) {}

    public static function field(): string
    {
        return 'aboveRpm';
    }

    /** Id of its contact in the line of a stage. */
    public static function contact(string $stageId): string
    {
        return "{$stageId}-speed-lockout";
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        $first = $harness->component(self::contact($harness->brief->control->stages[0]->id));
        $module = $first instanceof LockoutSwitch ? $first : null;
        $switch = $harness->add(new LockoutSwitch(
            self::contact($line->stage->id), $module->mark ?? $harness->mark('K'), Message::of('component.engine-speed-lockout'), '15',
            self::HEARD_SHARE * TachoSignal::V_PER_RPM * $this->aboveRpm, $harness->brief->supply->systemV, $this->aboveRpm, $module,
        ));
        $line->insert($harness, ...[...$switch->contact(), Stretch::CoilToEarth]);
        if ($module !== null) {
            return;
        }
        $signal = $harness->component(TachoSignal::ID) ?? $harness->add(new TachoSignal($harness->mark('B')));
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $switch->terminal('15'), Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        $harness->wire($signal->terminal('W'), $switch->terminal(LockoutSwitch::SIGNAL), Stretch::FuseToCoil, Colour::Trigger, TriggerLine::WIRES);
        $harness->wire($switch->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
    }

    public function isOpen(OperatingConditions $conditions): bool
    {
        return $conditions->engineRpm >= $this->aboveRpm;
    }

    public function yieldsToOverride(): bool
    {
        return true;
    }
}
