<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Kinds;

/** The part of the job file's schema that the control ideas give: schema/control.json is written from it. */
final class ControlSchema
{
    /** The text of schema/control.json. */
    public static function json(): string
    {
        return json_encode(self::document(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private static function document(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => Schema::PREFIX.'control.json',
            'title' => 'Control',
            'description' => 'Deciders, air-conditioning triggers and overrides of a job file. Written by '
                .'‘php artisan lamp:schema’ from the classes in core/src/Circuit/Control; change those.',
            '$defs' => [
                'decider' => self::oneOf('Decider', array_map(static fn (string $class): array => $class::fields(), Kinds::deciders())),
                'override' => self::oneOf('Override', array_map(static fn (string $class): array => $class::fields(), Kinds::overrides())),
                'airConditioningTrigger' => ['title' => 'AirConditioningTrigger', 'enum' => array_keys(Kinds::triggers())],
            ],
        ];
    }

    /**
     * @param  array<string, list<Field>>  $fields  by kind
     * @return array<string, mixed>
     */
    private static function oneOf(string $title, array $fields): array
    {
        $branches = [];
        foreach ($fields as $kind => $ofKind) {
            $required = array_filter($ofKind, static fn (Field $field): bool => $field->usual === null && ! $field->isOptional);
            $branches[] = [
                'title' => str_replace(' ', '', ucwords(str_replace('-', ' ', $kind))).$title,
                'type' => 'object',
                'required' => ['kind', ...array_values(array_map(static fn (Field $field): string => $field->name, $required))],
                'additionalProperties' => false,
                'properties' => ['kind' => ['const' => $kind], ...array_combine(
                    array_map(static fn (Field $field): string => $field->name, $ofKind),
                    array_map(static fn (Field $field): array => $field->schema(), $ofKind),
                )],
            ];
        }

        return [
            'title' => $title,
            'type' => 'object',
            'required' => ['kind'],
            'properties' => ['kind' => ['enum' => array_keys($fields)]],
            'oneOf' => $branches,
        ];
    }
}
