<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** Nobody but the driver: a switch on the dash. */
final readonly class Hand extends TriggersRelay
{
    /** What a dash switch usually carries, A (common practice, no source). */
    private const USUAL_RATED_A = 10.0;

    private function __construct(private float $ratedA) {}

    public static function kind(): string
    {
        return 'hand';
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
        $switch = $harness->add(new HandSwitch(
            "{$line->stage->id}-switch",
            $harness->mark('S'),
            Message::of('component.dash-switch'),
            $this->ratedA,
            $harness->stagePath($line->stage).'/decider/ratedA',
            ['off' => [], 'on' => [['1', '2']]],
        ));
        $line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Dash, Stretch::DashEarth, 'cabin');
    }

    public function asks(Stage $stage, OperatingConditions $conditions, Circuit $circuit): bool
    {
        return $conditions->position("{$stage->id}-switch", 'off') === 'on';
    }

    public function demand(): Demand
    {
        return Demand::Hand;
    }
}
