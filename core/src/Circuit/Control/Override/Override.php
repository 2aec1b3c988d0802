<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Override as OverrideOfBrief;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * The driver's switch, all of one kind in one class: what it does not go with, what it wires and what it wants. It is asked at four
 * places while the loom is put together; most kinds have something to wire at one of them. Adding one is a class, its texts, and its
 * line in Control\Kinds.
 */
abstract readonly class Override implements OverrideOfBrief
{
    /** Id of the switch, and so of its input. */
    public const SWITCH = 'override';

    /** What a dash switch usually carries, A (common practice, no source). */
    private const USUAL_RATED_A = 10.0;

    final private function __construct(private float $ratedA, private bool $hasIndicator) {}

    /** Its word in the job file. */
    abstract public static function kind(): string;

    /** @return list<Field> besides its kind */
    final public static function fields(): array
    {
        return [Fields::ratedA(self::USUAL_RATED_A), Field::flag('indicator', false)];
    }

    final public static function read(FieldValues $values): static
    {
        return new static($values->number('ratedA'), $values->flag('indicator'));
    }

    /** Why it does not go with the rest; null where it does. */
    abstract public function refusal(Control $control): ?Message;

    /** What its driver wants of a stage now; null where that is left to what decides. */
    abstract public function demand(bool $isFirstStage, OperatingConditions $conditions): ?Demand;

    final public function hasIndicator(): bool
    {
        return $this->hasIndicator;
    }

    public function canRun(): bool
    {
        return true;
    }

    public function canStop(): bool
    {
        return false;
    }

    public function opensSensorCircuit(): bool
    {
        return false;
    }

    public function changesOverFeed(): bool
    {
        return false;
    }

    /** Whether it has cut everything off now. */
    public function isCut(OperatingConditions $conditions): bool
    {
        return false;
    }

    /** Let into the coil feed behind its fuse. */
    public function installInCoilFeed(Harness $harness, string $fused): void {}

    /** Let into the fans' own feeds, before these are wired. */
    public function installBeforeFans(Harness $harness, Stage $stage): void {}

    /**
     * Let into the trigger lines, before anything joins them.
     *
     * @param  non-empty-list<TriggerLine>  $lines  low first
     */
    public function installInLines(Harness $harness, array $lines): void {}

    /**
     * Across the trigger lines, in parallel with what decides.
     *
     * @param  non-empty-list<TriggerLine>  $lines  low first
     */
    public function installAcrossLines(Harness $harness, array $lines): void {}

    /** Earths a coil that has a feed of its own, so that the override cuts it too where it cuts. */
    public function earth(Harness $harness, string $coilMinus): void
    {
        $harness->wire($coilMinus, $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
    }

    /** @param  non-empty-array<string, list<array{string, string}>>  $positions  position to the pairs of terminals it joins; the usual first */
    protected function switch(Harness $harness, array $positions, string $name = 'component.dash-override'): HandSwitch
    {
        return $harness->add(new HandSwitch(
            self::SWITCH, $harness->mark('S'), Message::of($name), $this->ratedA, '/control/override/ratedA', $positions,
        ));
    }

    protected function bridge(Harness $harness, TriggerLine $line, HandSwitch $switch, string $first, string $second): void
    {
        $line->bridge(
            $harness,
            $switch->terminal($first),
            $switch->terminal($second),
            Stretch::Dash,
            Stretch::DashEarth,
            'cabin',
            Colour::Override,
        );
    }
}
