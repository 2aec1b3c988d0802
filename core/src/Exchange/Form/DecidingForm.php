<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\Brief;
use LampThread\Brief\Place;
use LampThread\Brief\RequestInput;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Decider\Decider;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Kinds;

/** What is asked of one decider: which it is, where it senses, and its fields. */
final readonly class DecidingForm
{
    /** Temperatures and place of a decider that had none before, °C (common practice, no source). */
    private const USUAL_BAND = ['onC' => 92.0, 'offC' => 87.0, 'place' => 'top-hose'];

    /** @param  array<string, mixed>  $file  the job's, as decoded */
    public function __construct(private Brief $brief, private array $file) {}

    /**
     * @param  int  $at  of the stage in the job
     * @param  int|null  $parallel  of the decider among those in parallel; null for the stage's own
     * @return array<string, mixed>
     */
    public function of(Stage $deciding, int $at, ?int $parallel = null): array
    {
        $decider = DeciderOf::stage($deciding);
        $path = $parallel === null ? "/control/stages/{$at}/decider" : "/control/stages/{$at}/parallel/{$parallel}";
        $told = $this->told($at, $parallel);
        $fields = [];
        foreach ($decider::fields() as $field) {
            $fields[$field->name] = $field;
        }

        return [
            'path' => $path,
            'decider' => ['value' => $decider->option(), 'options' => $this->options($decider, $at, $parallel)],
            'place' => $decider->band() === null ? null : [
                'value' => $decider->band()->place->value,
                'options' => array_map(static fn (Place $place): array => FormOption::of('place', $place->value, ["{$path}/place" => $place->value]), Place::cases()),
            ],
            'band' => $decider->band() === null ? null : ['onC' => $decider->band()->onC, 'offC' => $decider->band()->offC],
            'fields' => array_map(
                static fn (string $name): array => FormField::of($fields[$name], "{$path}/{$name}", $told[$name] ?? null),
                [...$decider->askedFields($deciding), ...($decider->requestInput() === RequestInput::Computer ? [] : self::probeFields($decider->band()?->place))],
            ),
        ];
    }

    /** @return list<string> how the probe sits, where it reaches into something; the computer's own sensor nobody fits */
    private static function probeFields(?Place $place): array
    {
        return match (true) {
            $place === null, $place === Place::Surface, $place === Place::BayAir => [],
            $place->isInFins() => ['depthMm', 'fromInletMm'],
            default => ['depthMm'],
        };
    }

    /** @return list<array<string, mixed>> deciders that can be added in parallel to a stage */
    public function added(int $at): array
    {
        $parallel = $this->file['control']['stages'][$at]['parallel'] ?? [];
        $options = [];
        foreach (Kinds::deciders() as $kind => $class) {
            foreach ($class::options($at + 2) as $place => $option) {
                $picked = $this->picked($kind, $class, $place, $at, $this->file['control']['stages'][$at]['decider']);
                if (! $option->isForAllStages && $class::read(FieldValues::of($class::fields(), $picked))->canJoin()) {
                    $options[] = FormOption::of('decider', $option->id, ["/control/stages/{$at}/parallel" => [...$parallel, $picked]]);
                }
            }
        }

        return $options;
    }

    /** @return list<array<string, mixed>> */
    private function options(Decider $decider, int $at, ?int $parallel): array
    {
        if ($parallel !== null) {
            return [FormOption::of('decider', $decider->option(), [])];
        }
        $isShared = self::isForAllStages($decider);
        $options = [];
        foreach (Kinds::deciders() as $kind => $class) {
            foreach ($class::options($at + 1) as $place => $option) {
                // What stands stays as it was told, with all its own fields.
                $changes = $option->id === $decider->option() ? [] : $this->changes($kind, $class, $place, $at);
                foreach ($changes !== [] && ($isShared || $option->isForAllStages) ? array_keys($this->brief->control->stages) : [] as $other) {
                    $changes += $this->changes($kind, $class, $place, $other);
                }
                $options[] = FormOption::of('decider', $option->id, $changes);
            }
        }

        return $options;
    }

    private static function isForAllStages(Decider $decider): bool
    {
        foreach ($decider::options(1) as $option) {
            if ($option->id === $decider->option() && $option->isForAllStages) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  class-string<Decider>  $class
     * @param  int  $place  of the option among those of the kind
     * @return array<string, mixed> what picking it for a stage changes
     */
    private function changes(string $kind, string $class, int $place, int $at): array
    {
        $option = $class::options($at + 1)[$place];
        $stage = $this->file['control']['stages'][$at];
        $path = "/control/stages/{$at}";
        $also = array_diff_key($option->alsoSets, array_filter($stage, static fn (mixed $value): bool => $value !== null));

        return [
            "{$path}/decider" => $this->picked($kind, $class, $place, $at, $stage['decider']),
            "{$path}/side" => ($option->side ?? $this->brief->control->stages[$at]->side)->value,
            ...array_combine(array_map(static fn (string $field): string => "{$path}/{$field}", array_keys($also)), $also),
        ];
    }

    /**
     * @param  class-string<Decider>  $class
     * @param  array<string, mixed>  $like  decider whose temperatures and place it takes over
     * @return array<string, mixed>
     */
    private function picked(string $kind, string $class, int $place, int $at, array $like): array
    {
        $hasBand = in_array('onC', array_map(static fn (Field $field): string => $field->name, $class::fields()), true);
        $band = array_intersect_key($like, self::USUAL_BAND) + self::USUAL_BAND;

        return ['kind' => $kind, ...($hasBand ? $band : []), ...$class::options($at + 1)[$place]->values];
    }

    /** @return array<string, mixed> */
    private function told(int $at, ?int $parallel): array
    {
        $stage = $this->file['control']['stages'][$at];

        return $parallel === null ? $stage['decider'] : $stage['parallel'][$parallel];
    }
}
