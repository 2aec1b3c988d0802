<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\TemperatureBand;
use LampThread\Brief\ThermalAction;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Unit;

/**
 * One contact of a temperature switch that has two in one body, closing at two temperatures: one port, two stages. Both stages name it;
 * the first takes its low contact, the next its high one, and they share the body and so its earth.
 */
final readonly class TwoStepSwitch extends TriggersRelay
{
    /** What each contact of the usual one may carry, A (common practice, no source). */
    private const USUAL_RATED_A = 6.0;

    private function __construct(private TemperatureBand $band, private float $ratedA, private bool $hasEarthLead) {}

    public static function kind(): string
    {
        return 'two-step-switch';
    }

    public static function fields(): array
    {
        return [...Fields::band(), Fields::ratedA(self::USUAL_RATED_A), Field::flag('earthLead', true)];
    }

    public static function read(FieldValues $values): self
    {
        return new self($values->band(), $values->number('ratedA'), $values->flag('earthLead'));
    }

    public static function options(int $number): array
    {
        return [new Option(self::kind(), [], Side::Earth, isForAllStages: true)];
    }

    public function askedFields(Stage $stage): array
    {
        return $this->band->place->isInHose() ? ['ratedA', 'earthLead', 'coolantStands'] : ['ratedA', 'coolantStands'];
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function canJoin(): bool
    {
        return false;
    }

    public function isFixedPair(): bool
    {
        return true;
    }

    public function side(): Side
    {
        return Side::Earth;
    }

    public function refusals(Stage $stage, string $path, Control $control): array
    {
        $stages = array_values(array_filter($control->stages, static fn (Stage $one): bool => $one->decider instanceof self));
        $first = $stages[0]->decider;

        return match (true) {
            count($stages) !== 2 => [new Problem("{$path}/kind", Message::of('refusal.two-step-switch-stages', stages: count($stages)))],
            $first instanceof self && $first->band->place !== $this->band->place => [
                new Problem("{$path}/place", Message::of('refusal.two-step-switch-place')),
            ],
            default => [],
        };
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        $body = $this->body($harness);
        $inHose = $this->band->place->isInHose();
        $isScrewedIn = ! $inHose && ! $this->band->place->isDry();
        $switch = $harness->add(new TemperatureSwitch(
            "{$line->stage->id}-switch",
            $body->mark ?? $harness->mark('B'),
            Message::of('component.two-step-switch', place: Message::of("place.{$this->band->place->value}"), isFirst: $body === null),
            $line->stage->id,
            $this->band,
            ThermalAction::ClosesWhenHot,
            $this->ratedA,
            $harness->deciderPath($line->stage),
            $body === null && $isScrewedIn ? $harness->earth('engine') : null,
            $body?->common(),
            bought: $this->bought($harness),
        ));
        $line->bridge(
            $harness,
            $switch->contact(),
            $switch->common(),
            Stretch::Sensor,
            Stretch::SensorEarth,
            'radiator',
            end: $body !== null || $isScrewedIn || ($inHose && ! $this->hasEarthLead) ? '' : null,
        );
    }

    /** One body with both its pairs of temperatures. */
    private function bought(Harness $harness): Message
    {
        $bands = [];
        foreach ($harness->brief->control->stages as $stage) {
            $bands[] = $stage->decider->band() ?? $this->band;
        }
        [$low, $high] = [$bands[0], $bands[1] ?? $this->band];

        return Message::of(
            'part.two-step-switch', lowOn: Unit::Celsius->of($low->onC), lowOff: Unit::Celsius->of($low->offC),
            highOn: Unit::Celsius->of($high->onC), highOff: Unit::Celsius->of($high->offC),
        );
    }

    /** The contact of the other stage, where it has been wired already. */
    private function body(Harness $harness): ?TemperatureSwitch
    {
        foreach ($harness->brief->control->stages as $stage) {
            $component = $stage->decider instanceof self ? $harness->component("{$stage->id}-switch") : null;
            if ($component instanceof TemperatureSwitch) {
                return $component;
            }
        }

        return null;
    }
}
