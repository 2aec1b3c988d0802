<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;

/** A pressure switch of the air conditioning: decides a condenser fan on its own. */
final readonly class PressureDecider extends TriggersRelay
{
    /** What the usual one carries, A (common practice, no source). */
    public const USUAL_RATED_A = 3.0;

    private function __construct(private float $ratedA) {}

    public static function kind(): string
    {
        return 'pressure-switch';
    }

    public static function fields(): array
    {
        return [Fields::ratedA(self::USUAL_RATED_A)];
    }

    public static function read(FieldValues $values): self
    {
        return new self($values->number('ratedA'));
    }

    public static function options(int $number): array
    {
        return [new Option(self::kind())];
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        $switch = $harness->add(new PressureSwitch("{$line->stage->id}-switch", $harness->mark('B'), $this->ratedA));
        $line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Sensor, Stretch::SensorEarth, 'radiator');
    }

    public function asks(Stage $stage, OperatingConditions $conditions, Circuit $circuit): bool
    {
        return $conditions->position(PressureSwitch::INPUT, PressureSwitch::RESTS) === PressureSwitch::ACTS;
    }

    public function demand(): Demand
    {
        return Demand::AirConditioning;
    }

    public function needsCompressor(): bool
    {
        return true;
    }
}
