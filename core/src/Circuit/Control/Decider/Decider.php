<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\Decider as DeciderOfBrief;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Problem;

/**
 * What decides a stage, all of it in one class: its fields in the job file, what it does not go with, what it wires and when it asks.
 * Adding one is this class, its texts, and its line in Control\Kinds.
 */
interface Decider extends DeciderOfBrief
{
    /** Its word in the job file. */
    public static function kind(): string;

    /** @return list<Field> besides its kind */
    public static function fields(): array;

    public static function read(FieldValues $values): self;

    /**
     * @param  int  $number  of the stage it is offered for, from 1
     * @return non-empty-list<Option> the choices it is offered as
     */
    public static function options(int $number): array;

    /** Which of its options this one is. */
    public function option(): string;

    /** @return list<string> names of the fields that are asked for, besides place, on and off */
    public function askedFields(Stage $stage): array;

    /** The side of the coil its output switches; null where that is free. */
    public function side(): ?Side;

    /** How its fans are fed, and what of that others can join. */
    public function load(Stage $stage): Load;

    /**
     * What it does not go with.
     *
     * @param  string  $path  JSON pointer to it
     * @return list<Problem>
     */
    public function refusals(Stage $stage, string $path, Control $control): array;

    /** Whether its air-conditioning input asks when it is earthed, instead of when it is fed. */
    public function requestWantsEarth(): bool;

    /** @return array{string, string}|null terminals of an input or coil of its own that the coil feed is there for */
    public function fedInput(Stage $stage): ?array;

    /** Whether it can run a stage in parallel with another decider: by a contact or output of its own across the trigger. */
    public function canJoin(): bool;

    /** Wires it across the trigger line of its stage; nothing where it carries the fan itself. */
    public function install(Harness $harness, TriggerLine $line): void;

    /** Whether it asks for the fan and can be heard, given that the coils are fed. */
    public function asks(Stage $stage, OperatingConditions $conditions, Circuit $circuit): bool;

    /** What a fan it asks for is wanted by. */
    public function demand(): Demand;
}
