<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\FieldType;
use LampThread\Message\Message;

/** One field of a control idea as it is asked for. */
final class FormField
{
    /** @return array<string, mixed> */
    public static function of(Field $field, string $path, mixed $told): array
    {
        $words = match ($field->type) {
            FieldType::Flag => ['true' => true, 'false' => false],
            FieldType::Word => array_combine($field->words, $field->words),
            FieldType::Number, FieldType::Text, FieldType::Stages => [],
        };
        $options = [];
        foreach ($words as $word => $value) {
            $options[] = FormOption::of("field.{$field->name}", (string) $word, [$path => $value]);
        }

        return [
            'path' => $path,
            'type' => $field->type->value,
            'label' => Message::of($field->labelCode()),
            'unit' => $field->unit->value,
            'value' => $told ?? $field->usual,
            'usual' => $field->type === FieldType::Number && $field->usual !== null ? (string) $field->usual : null,
            'isTold' => $told !== null,
            'options' => $options,
        ];
    }
}
