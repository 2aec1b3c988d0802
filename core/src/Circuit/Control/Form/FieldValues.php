<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Form;

use LampThread\Brief\ClockwiseSense;
use LampThread\Brief\Place;
use LampThread\Brief\Scale;
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

    /** Not set where the control idea has no such field. */
    public function flag(string $name): bool
    {
        return (bool) ($this->values[$name] ?? false);
    }

    public function text(string $name): string
    {
        return (string) $this->values[$name];
    }

    /** @return list<string> none where nothing is told */
    public function stages(string $name): array
    {
        $told = $this->values[$name];

        return is_array($told) ? array_values($told) : [];
    }

    /** Of the fields of Fields::band(). */
    public function band(): TemperatureBand
    {
        return new TemperatureBand(
            $this->number('onC'), $this->number('offC'), Place::from($this->text('place')), $this->flag('coolantStands'), $this->told('depthMm'),
            $this->told('fromInletMm'),
        );
    }

    /** Of the fields of Fields::scale(); null until both its ends are told. */
    public function scale(): ?Scale
    {
        [$leastC, $mostC] = [$this->told('leastC'), $this->told('mostC')];

        return $leastC === null || $mostC === null ? null : new Scale($leastC, $mostC, ClockwiseSense::from($this->text('clockwise')));
    }

    /** A number that may be left open. */
    private function told(string $name): ?float
    {
        return isset($this->values[$name]) ? (float) $this->values[$name] : null;
    }
}
