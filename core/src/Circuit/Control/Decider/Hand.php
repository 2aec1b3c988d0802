<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\RelayLead;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Control\Load\DirectFan;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** Nobody but the driver: a switch on the dash. */
final readonly class Hand extends TriggersRelay
{
    /** What a dash switch usually carries, A (common practice, no source). */
    private const USUAL_RATED_A = 10.0;

    /** And one made to carry a small fan, A (common practice, no source). */
    private const DIRECT_RATED_A = 20.0;

    private function __construct(private float $ratedA, private bool $isDirect) {}

    public static function kind(): string
    {
        return 'hand';
    }

    public static function fields(): array
    {
        return [Fields::ratedA(self::USUAL_RATED_A), Field::flag('isDirect', false)];
    }

    public static function read(FieldValues $values): self
    {
        return new self($values->number('ratedA'), $values->flag('isDirect'));
    }

    public static function options(int $number): array
    {
        return [new Option(self::kind()), new Option('hand-direct', ['isDirect' => true, 'ratedA' => self::DIRECT_RATED_A])];
    }

    public function option(): string
    {
        return $this->isDirect ? 'hand-direct' : self::kind();
    }

    public function canJoin(): bool
    {
        return ! $this->isDirect;
    }

    public function refusals(Stage $stage, string $path, Control $control): array
    {
        return $this->isDirect && $stage->relayLead === RelayLead::Minus
            ? [new Problem("{$path}/isDirect", Message::of('refusal.carries-fan-without-relay'))]
            : [];
    }

    public function load(Stage $stage): Load
    {
        return $this->isDirect ? new DirectFan($stage, $this->switch(...), Stretch::Dash) : parent::load($stage);
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        if (! $this->isDirect) {
            $switch = $this->switch($harness, $line->stage);
            $line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Dash, Stretch::DashEarth, 'cabin');
        }
    }

    private function switch(Harness $harness, Stage $stage): HandSwitch
    {
        return $harness->add(new HandSwitch(
            "{$stage->id}-switch",
            $harness->mark('S'),
            Message::of('component.dash-switch'),
            $this->ratedA,
            $harness->deciderPath($stage).'/ratedA',
            ['off' => [], 'on' => [['1', '2']]],
        ));
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
