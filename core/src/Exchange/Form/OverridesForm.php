<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Form\FieldType;
use LampThread\Circuit\Control\Kinds;
use LampThread\Circuit\Control\Override\OverridesOf;

/** The driver's switches: those there are, each with what it is, and what can be added. */
final class OverridesForm
{
    private const PATH = '/control/overrides';

    /**
     * @param  list<array<string, mixed>>  $told  as the job file has them
     * @return array{overrides: list<array<string, mixed>>, addOverride: list<array<string, mixed>>}
     */
    public static function of(Control $control, array $told): array
    {
        $forms = [];
        foreach (OverridesOf::control($control) as $at => $override) {
            $path = self::PATH."/{$at}";
            $left = $told;
            unset($left[$at]);
            $fields = [];
            foreach ($override::fields() as $field) {
                if ($field->type !== FieldType::Stages) {
                    $fields[] = FormField::of($field, "{$path}/{$field->name}", $told[$at][$field->name] ?? null);
                }
            }
            $ids = array_map(static fn (Stage $stage): string => $stage->id, $override->stages($control));
            $forms[] = [
                'id' => $override->switchId(),
                'value' => $override::kind(),
                'options' => self::options(static fn (string $kind): array => ["{$path}" => ['kind' => $kind, ...self::kept($told[$at], $kind)]]),
                'fields' => $fields,
                'stages' => StageToggles::of($control->stages, $ids, "{$path}/stages"),
                'remove' => (object) [self::PATH => array_values($left)],
            ];
        }

        return [
            'overrides' => $forms,
            'addOverride' => self::options(static fn (string $kind): array => [self::PATH => [...$told, ['kind' => $kind, 'indicator' => false]]]),
        ];
    }

    /**
     * @param  array<string, mixed>  $told
     * @return array<string, mixed> what of it another kind has too; the stages it acts on are its own
     */
    private static function kept(array $told, string $kind): array
    {
        return array_diff_key(array_intersect_key($told, array_column(Kinds::overrides()[$kind]::fields(), null, 'name')), ['stages' => true]);
    }

    /**
     * @param  \Closure(string): array<string, mixed>  $changes  what picking a kind changes
     * @return list<array<string, mixed>>
     */
    private static function options(\Closure $changes): array
    {
        return array_map(static fn (string $kind): array => FormOption::of('override', $kind, $changes($kind)), array_keys(Kinds::overrides()));
    }
}
