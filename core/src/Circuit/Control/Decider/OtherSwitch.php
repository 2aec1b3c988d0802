<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\Speeds;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\OutsideSwitch;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** A switch in the oil, the gearbox or whatever else wants air: no coolant decides, and no hand. */
final readonly class OtherSwitch extends TriggersRelay
{
    /** What the usual one carries, A (common practice, no source). */
    private const USUAL_RATED_A = 6.0;

    private const OIL = 'oil';

    private function __construct(private string $senses, private float $ratedA) {}

    public static function kind(): string
    {
        return 'other-switch';
    }

    public static function fields(): array
    {
        return [Field::usualWord('senses', [self::OIL, 'gearbox', 'intake-air', 'other'], self::OIL), Fields::ratedA(self::USUAL_RATED_A)];
    }

    public static function read(FieldValues $values): self
    {
        return new self($values->text('senses'), $values->number('ratedA'));
    }

    public static function options(int $number): array
    {
        return [new Option(self::kind(), ['senses' => self::OIL])];
    }

    public function askedFields(Stage $stage): array
    {
        return ['senses', 'ratedA'];
    }

    /** Two switches act apart from each other, and high alone feeds one fan of a pair. */
    public function refusals(Stage $stage, string $path, Control $control): array
    {
        $isHighAlone = $control->speeds === Speeds::SeriesParallel && in_array($stage->id, array_column(array_slice($control->stages, 1), 'id'), true);

        return $isHighAlone ? [new Problem("{$path}/kind", Message::of('refusal.switch-on-high-of-a-pair'))] : [];
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        $switch = $harness->add(new OutsideSwitch(
            "{$line->stage->id}-switch", $harness->mark('B'), Message::of("component.other-switch.{$this->senses}"), $this->ratedA,
            $harness->deciderPath($line->stage).'/ratedA',
        ));
        $line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Sensor, Stretch::SensorEarth, 'radiator');
    }

    public function asks(Stage $stage, OperatingConditions $conditions, Circuit $circuit): bool
    {
        return $conditions->position("{$stage->id}-switch", OutsideSwitch::RESTS) === OutsideSwitch::ACTS;
    }

    public function demand(): Demand
    {
        return Demand::Other;
    }
}
