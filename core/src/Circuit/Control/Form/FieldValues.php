<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Form;

use LampThread\Brief\Place;
use LampThread\Brief\TemperatureBand;

/** What a job file says in the fields of one control idea, the usual values taken for what it leaves out. */
final readonly class FieldValues
{
    /** @param  array<string, mixed>  $values  by field, valid against the schema */
    private function __construct(private array $values) {}

    /**
     * @param  list<Field>  $fields
     * @param  array<string, mixed>  $told  as decoded, valid against the schema
     */
    public static function of(array $fields, array $told): self
    {
        $values = [];
        foreach ($fields as $field) {
            $values[$field->name] = $told[$field->name] ?? $field->usual;
        }

        return new self($values);
    }

    public function number(string $name): float
    {
        return (float) $this->values[$name];
    }

    public function flag(string $name): bool
    {
        return (bool) $this->values[$name];
    }

    public function text(string $name): string
    {
        return (string) $this->values[$name];
    }

    /** Of the fields of Fields::band(). */
    public function band(): TemperatureBand
    {
        return new TemperatureBand($this->number('onC'), $this->number('offC'), Place::from($this->text('place')), $this->flag('coolantStands'));
    }
}
