<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Brief\Place;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Circuit\Control\Decider\Decider as DeciderOfStage;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\FieldType;
use LampThread\Circuit\Control\Kinds;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/**
 * The questions of a brief whose answers control ideas own: which options there are, which one stands, what picking one sets, and which
 * fields the one that stands asks for. The browser shows them and sends the changes back; it knows no kind by name.
 */
final class BriefForm
{
    /** Temperatures and place of a decider that had none before, °C (common practice, no source). */
    private const USUAL_BAND = ['onC' => 92.0, 'offC' => 87.0, 'place' => 'top-hose'];

    private const VARIABLE = 'variable-';

    /** @param  array<string, mixed>  $file  the job's, as decoded */
    private function __construct(private Brief $brief, private array $file) {}

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed> its messages still messages; fits schema/form.json
     */
    public static function of(Brief $brief, array $file): array
    {
        $form = new self($brief, $file);
        $stages = [];
        foreach ($brief->control->stages as $at => $stage) {
            $stages[] = $form->stage($stage, $at);
        }

        return [
            'stages' => $stages,
            'airConditioning' => $form->airConditioning(),
            'override' => $form->override(),
            'system' => $form->system(),
        ];
    }

    /** @return array<string, mixed> */
    private function stage(Stage $stage, int $at): array
    {
        $decider = DeciderOf::stage($stage);
        $path = "/control/stages/{$at}";
        $told = $this->file['control']['stages'][$at]['decider'];
        $fields = [];
        foreach ($decider::fields() as $field) {
            $fields[$field->name] = $field;
        }
        $asked = array_map(
            fn (string $name): array => $this->field($fields[$name], $decider::kind(), "{$path}/decider/{$name}", $told[$name] ?? null),
            $decider->askedFields($stage),
        );

        return [
            'id' => $stage->id,
            'path' => $path,
            'decider' => ['value' => $decider->option(), 'options' => $this->deciderOptions($decider, $at)],
            'place' => $decider->band() === null ? null : [
                'value' => $decider->band()->place->value,
                'options' => array_map(
                    static fn (Place $place): array => self::option('place', $place->value, ["{$path}/decider/place" => $place->value]), Place::cases(),
                ),
            ],
            'band' => $decider->band() === null ? null : ['onC' => $decider->band()->onC, 'offC' => $decider->band()->offC],
            'side' => $decider->side() !== null ? null : [
                'value' => $stage->side->value,
                'options' => array_map(static fn (Side $side): array => self::option('side', $side->value, ["{$path}/side" => $side->value]), Side::cases()),
            ],
            'fields' => $asked,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function deciderOptions(DeciderOfStage $decider, int $at): array
    {
        $isShared = self::isForAllStages($decider);
        $options = [];
        foreach (Kinds::deciders() as $kind => $class) {
            foreach ($class::options($at + 1) as $place => $option) {
                // What stands stays as it was told, with all its own fields.
                $changes = $option->id === $decider->option() ? [] : $this->picked($kind, $class, $place, $at);
                foreach ($changes !== [] && ($isShared || $option->isForAllStages) ? array_keys($this->brief->control->stages) : [] as $other) {
                    $changes += $this->picked($kind, $class, $place, $other);
                }
                $options[] = self::option('decider', $option->id, $changes);
            }
        }

        return $options;
    }

    private static function isForAllStages(DeciderOfStage $decider): bool
    {
        foreach ($decider::options(1) as $option) {
            if ($option->id === $decider->option() && $option->isForAllStages) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  class-string<DeciderOfStage>  $class
     * @param  int  $place  of the option among those of the kind
     * @return array<string, mixed> what picking it for a stage changes
     */
    private function picked(string $kind, string $class, int $place, int $at): array
    {
        $option = $class::options($at + 1)[$place];
        $told = $this->file['control']['stages'][$at]['decider'];
        $band = array_intersect_key($told, self::USUAL_BAND) + self::USUAL_BAND;
        $hasBand = in_array('onC', array_map(static fn (Field $field): string => $field->name, $class::fields()), true);
        $path = "/control/stages/{$at}";

        return [
            "{$path}/decider" => ['kind' => $kind, ...($hasBand ? $band : []), ...$option->values],
            "{$path}/side" => ($option->side ?? $this->brief->control->stages[$at]->side)->value,
            ...array_filter($option->alsoSets, fn (string $pointer): bool => $this->at($pointer) === null, ARRAY_FILTER_USE_KEY),
        ];
    }

    /** @return array<string, mixed> */
    private function field(Field $field, string $kind, string $path, mixed $value): array
    {
        return [
            'path' => $path,
            'type' => $field->type->value,
            'label' => Message::of($field->labelCode()),
            'unit' => $field->unit->value,
            'value' => $value ?? $field->usual,
            'usual' => $field->type === FieldType::Number && $field->usual !== null ? (string) $field->usual : null,
            'options' => $field->type === FieldType::Flag ? [
                self::option("field.{$field->name}", 'true', [$path => true]),
                self::option("field.{$field->name}", 'false', [$path => false]),
            ] : [],
        ];
    }

    /** @return array<string, mixed> */
    private function airConditioning(): array
    {
        $path = '/control/airConditioning';
        $standing = $this->file['control']['airConditioning'] ?? null;
        $fuse = array_intersect_key($standing ?? [], ['fuseA' => true]);
        $options = [self::option('air-conditioning', 'none', [$path => null])];
        foreach (Kinds::triggers() as $kind => $class) {
            $options[] = self::option('air-conditioning', $kind, [$path => [...$fuse, 'compressor' => 'clutch', 'trigger' => $kind]]);
            if ((new $class)->suitsVariableCompressor()) {
                $options[] = self::option('air-conditioning', self::VARIABLE.$kind, [$path => [...$fuse, 'compressor' => 'variable', 'trigger' => $kind]]);
            }
        }
        $prefix = ($standing['compressor'] ?? '') === 'variable' ? self::VARIABLE : '';

        return [
            'value' => $standing === null ? 'none' : $prefix.$standing['trigger'],
            'options' => $options,
            'isTapped' => $prefix === '' && TriggerOf::control($this->brief->control)?->usesClutchWire() === true,
        ];
    }

    /** @return array<string, mixed> */
    private function override(): array
    {
        $path = '/control/override';
        $standing = $this->file['control']['override'];
        $options = [self::option('override', 'none', [$path => null])];
        foreach (array_keys(Kinds::overrides()) as $kind) {
            $options[] = self::option('override', $kind, [$path => ['kind' => $kind, 'indicator' => $standing['indicator'] ?? false]]);
        }

        return ['value' => $standing['kind'] ?? 'none', 'options' => $options];
    }

    /**
     * Another system voltage scales what was answered for the old one.
     *
     * @return array<string, mixed>
     */
    private function system(): array
    {
        $options = [];
        foreach ([6, 12, 24] as $systemV) {
            $scale = $systemV / $this->brief->supply->systemV;
            $changes = ['/supply/systemV' => $systemV];
            foreach (['restingV', 'chargingV', 'crankingV'] as $name) {
                $changes["/supply/{$name}"] = round($this->file['supply'][$name] * $scale, 2);
            }
            foreach ($this->brief->fans as $at => $fan) {
                $changes["/fans/{$at}/ratedV"] = round($fan->ratedV * $scale, 2);
            }
            $options[] = [
                'value' => (string) $systemV,
                'label' => Message::of('option.system.label', systemV: Unit::Volt->of($systemV)),
                'fits' => null,
                'changes' => (object) $changes,
            ];
        }

        return ['value' => (string) $this->brief->supply->systemV, 'options' => $options];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private static function option(string $of, string $id, array $changes): array
    {
        return [
            'value' => $id,
            'label' => Message::of("option.{$of}.{$id}.label"),
            'fits' => Message::of("option.{$of}.{$id}.fits"),
            'changes' => (object) $changes,
        ];
    }

    private function at(string $pointer): mixed
    {
        $at = $this->file;
        foreach (array_slice(explode('/', $pointer), 1) as $step) {
            $at = is_array($at) ? $at[$step] ?? null : null;
        }

        return $at;
    }
}
