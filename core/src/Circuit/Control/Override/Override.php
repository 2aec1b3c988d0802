<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Numbered;
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
 * A driver's switch, all of one kind in one class: what it does not go with, what it wires and what it wants. It is asked at four
 * places while the loom is put together; most kinds have something to wire at one of them. Adding one is a class, its texts, and its
 * line in Control\Kinds.
 */
abstract readonly class Override implements OverrideOfBrief
{
    /** Word in the ids of the switches, and so of their inputs. */
    public const WORD = 'override';

    /** What a dash switch usually carries, A (common practice, no source). */
    private const USUAL_RATED_A = 10.0;

    /**
     * @param  int  $number  which of the job's overrides it is, from 1
     * @param  list<string>  $stageIds  it acts on; none for those its kind usually does
     * @param  bool  $lowIsUnknown  whether what makes low slow comes inside what is bought
     */
    final private function __construct(
        public int $number, private float $ratedA, private bool $hasIndicator, private array $stageIds, protected bool $lowIsUnknown,
    ) {}

    /** Its word in the job file. */
    abstract public static function kind(): string;

    /** @return list<Field> besides its kind */
    public static function fields(): array
    {
        return [Fields::ratedA(self::USUAL_RATED_A), Field::flag('indicator', false), Field::stages('stages')];
    }

    final public static function read(FieldValues $values, int $number): static
    {
        return new static($number, $values->number('ratedA'), $values->flag('indicator'), $values->stages('stages'), $values->flag('lowIsUnknown'));
    }

    /** Why it does not go with the rest; null where it does. */
    abstract public function refusal(Control $control): ?Message;

    /** What its driver wants of a stage it acts on; null where that is left to what decides. */
    abstract public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand;

    /** Whether its positions say all a driver can want of a stage, so that a second switch for it would contradict. */
    public function saysAll(): bool
    {
        return false;
    }

    final public function concerns(Stage $stage, Control $control): bool
    {
        return $this->stageIds === [] ? $this->usuallyConcerns($stage, $control) : in_array($stage->id, $this->stageIds, true);
    }

    /** @return list<Stage> it acts on, in the order they come on */
    final public function stages(Control $control): array
    {
        return array_values(array_filter($control->stages, fn (Stage $stage): bool => $this->concerns($stage, $control)));
    }

    /** Whether it acts on a stage where nothing is told. */
    protected function usuallyConcerns(Stage $stage, Control $control): bool
    {
        return $stage === $control->stages[0];
    }

    /** Id of its switch, and so of its input. */
    final public function switchId(): string
    {
        return Numbered::id(self::WORD, $this->number);
    }

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

    /**
     * Let into the coil feed.
     *
     * @param  string  $feed  terminal the coils are fed from so far
     * @return string the terminal they are fed from behind it
     */
    public function installInCoilFeed(Harness $harness, string $feed): string
    {
        return $feed;
    }

    /** Let into the feeds of its stages' fans, before these are wired. */
    public function installBeforeFans(Harness $harness): void {}

    /**
     * Let into the trigger lines of its stages, before anything joins them.
     *
     * @param  non-empty-list<TriggerLine>  $lines  low first
     */
    public function installInLines(Harness $harness, array $lines): void {}

    /**
     * Across the trigger lines of its stages, in parallel with what decides.
     *
     * @param  non-empty-list<TriggerLine>  $lines  low first
     */
    public function installAcrossLines(Harness $harness, array $lines): void {}

    /**
     * Earths a coil that has a feed of its own, where the override cuts that too.
     *
     * @return bool whether it has
     */
    public function earth(Harness $harness, string $coilMinus): bool
    {
        return false;
    }

    protected function position(OperatingConditions $conditions): string
    {
        return $conditions->position($this->switchId(), '');
    }

    /** @param  non-empty-array<string, list<array{string, string}>>  $positions  position to the pairs of terminals it joins; the usual first */
    protected function switch(Harness $harness, array $positions, string $name = 'component.dash-override'): HandSwitch
    {
        return $harness->add(new HandSwitch(
            $this->switchId(), $harness->mark('S'), Message::of($name), $this->ratedA, '/control/overrides/'.($this->number - 1).'/ratedA', $positions,
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
