<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Lockout;

use LampThread\Brief\EngineSpeedAction;
use LampThread\Brief\EngineSpeedSwitch;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\LockoutSwitch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\TachoSignal;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A switch that engine speed works, in the trigger of each stage or once in the feed of all coils and controllers. */
final readonly class EngineSpeedLockout implements Lockout
{
    /** Id of its contact where one stands in the feed of them all. */
    public const IN_FEED = 'speed-lockout';

    /** Share of the signal at its speed that it still hears (common practice, no source). */
    private const HEARD_SHARE = 0.5;

    public function __construct(private EngineSpeedSwitch $switch) {}

    public static function field(): string
    {
        return 'engineSpeed';
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
        if ($this->switch->action === EngineSpeedAction::OpensRelayAbove) {
            $switch = $module ?? $this->module($harness, self::contact($line->stage->id), null);
            $relay = $this->relay($harness, self::relayOf($line->stage->id), $module === null ? null : self::relayOf($harness->brief->control->stages[0]->id).':86', $switch);
            $line->insert($harness, $relay->terminal('30'), $relay->terminal('87a'), Stretch::CoilToEarth);
        } else {
            $switch = $this->module($harness, self::contact($line->stage->id), $module);
            $line->insert($harness, ...[...$switch->contact(), Stretch::CoilToEarth]);
        }
        if ($module === null) {
            self::supply($harness, $switch, $harness->shared(SharedTerminal::COIL_FEED));
        }
    }

    /** Id of the relay whose rest contact lies in the line of a stage. */
    private static function relayOf(string $stageId): string
    {
        return "{$stageId}-speed-relay";
    }

    /**
     * A relay that the switch pulls in from its speed on.
     *
     * @param  string|null  $beside  terminal of another whose coil has the switched feed already
     */
    private function relay(Harness $harness, string $id, ?string $beside, LockoutSwitch $switch, ?string $feed = null): Relay
    {
        $relay = $harness->add(new Relay(
            $id, $harness->mark('K'), Message::of('component.engine-speed-relay'), $harness->selection->relay($id), $harness->relayPlace($id), isChangeOver: true,
        ));
        [$in, $out] = $switch->contact();
        if ($beside === null) {
            $harness->wire($feed ?? $harness->shared(SharedTerminal::COIL_FEED), $in, Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        }
        $harness->wire($beside ?? $out, $relay->terminal('86'), Stretch::CoilToEarth, Colour::Trigger, TriggerLine::WIRES);
        $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);

        return $relay;
    }

    /**
     * One contact in the feed of all coils and controllers.
     *
     * @param  string  $feed  terminal they are fed from so far
     */
    public function installInFeed(Harness $harness, string $feed): void
    {
        $switch = $this->module($harness, self::IN_FEED, null);
        [$in, $out] = $switch->contact();
        if ($this->switch->action === EngineSpeedAction::OpensRelayAbove) {
            $relay = $this->relay($harness, self::relayOf('feed'), null, $switch, $feed);
            [$in, $out] = [$relay->terminal('30'), $relay->terminal('87a')];
        }
        $harness->wire($feed, $in, Stretch::CoilToEarth, Colour::CoilFeed, TriggerLine::WIRES);
        $harness->share(SharedTerminal::COIL_FEED, $out);
        self::supply($harness, $switch, $feed);
    }

    private function module(Harness $harness, string $id, ?LockoutSwitch $module): LockoutSwitch
    {
        return $harness->add(new LockoutSwitch(
            $id, $module->mark ?? $harness->mark('K'), Message::of('component.engine-speed-lockout', opens: ! $this->switch->action->restsOpen()), '15',
            self::HEARD_SHARE * TachoSignal::V_PER_RPM * $this->switch->rpm, $harness->brief->supply->systemV, $this->switch, $module,
        ));
    }

    private static function supply(Harness $harness, LockoutSwitch $switch, string $feed): void
    {
        $signal = $harness->component(TachoSignal::ID) ?? $harness->add(new TachoSignal($harness->mark('B')));
        $harness->wire($feed, $switch->terminal('15'), Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        $harness->wire($signal->terminal('W'), $switch->terminal(LockoutSwitch::SIGNAL), Stretch::FuseToCoil, Colour::Trigger, TriggerLine::WIRES);
        $harness->wire($switch->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
    }

    public function isInLine(): bool
    {
        return ! $this->switch->isInFeed;
    }

    public function isOpen(OperatingConditions $conditions): bool
    {
        return $this->switch->isOpenAt($conditions->engineRpm);
    }

    /** In the lines, what joins them behind it is locked too; the driver's own wish is left open. */
    public function yieldsToOverride(): bool
    {
        return true;
    }
}
