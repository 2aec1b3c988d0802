<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Form;

use LampThread\Message\Unit;

/** One field of a control idea in the job file: a number within bounds, one of a few words, a flag or a text. */
final readonly class Field
{
    /**
     * @param  string  $name  unit in its name
     * @param  list<string>  $words  those it can be; none where it is no word
     * @param  float|string|bool|null  $usual  what is taken where it is left out; null where it must be there, unless $isOptional
     * @param  string|null  $label  code of its label, where the usual label of its name does not do
     */
    private function __construct(
        public string $name,
        public FieldType $type,
        public Unit $unit,
        public float $least,
        public float $most,
        public array $words,
        public float|string|bool|null $usual,
        public ?string $label,
        public bool $isOptional = false,
    ) {}

    public static function number(string $name, Unit $unit, float $least, float $most, ?float $usual = null): self
    {
        return new self($name, FieldType::Number, $unit, $least, $most, [], $usual, null);
    }

    /** A number nobody has to tell. */
    public static function optional(string $name, Unit $unit, float $least, float $most): self
    {
        return new self($name, FieldType::Number, $unit, $least, $most, [], null, null, isOptional: true);
    }

    public static function flag(string $name, bool $usual): self
    {
        return new self($name, FieldType::Flag, Unit::One, 0, 0, [], $usual, null);
    }

    /** @param  non-empty-list<string>  $words */
    public static function word(string $name, array $words): self
    {
        return new self($name, FieldType::Word, Unit::One, 0, 0, $words, null, null);
    }

    /**
     * @param  non-empty-list<string>  $words
     * @param  string  $usual  the one that is taken where none is told
     */
    public static function usualWord(string $name, array $words, string $usual): self
    {
        return new self($name, FieldType::Word, Unit::One, 0, 0, $words, $usual, null);
    }

    /** @param  int  $most  characters */
    public static function text(string $name, int $most, string $label): self
    {
        return new self($name, FieldType::Text, Unit::One, 1, $most, [], null, $label);
    }

    /** Stages of the job, by their ids; left out, those it usually concerns. */
    public static function stages(string $name): self
    {
        return new self($name, FieldType::Stages, Unit::One, 0, 0, [], '', null);
    }

    /** Code of its label in the message catalogue. */
    public function labelCode(): string
    {
        return $this->label ?? "field.{$this->name}";
    }

    /** @return array<string, mixed> its JSON Schema */
    public function schema(): array
    {
        return match ($this->type) {
            FieldType::Number => [
                'type' => $this->isOptional ? ['number', 'null'] : 'number', 'minimum' => $this->least, 'maximum' => $this->most, 'unit' => $this->unit->value,
            ],
            FieldType::Flag => ['type' => 'boolean'],
            FieldType::Stages => ['type' => 'array', 'minItems' => 1, 'maxItems' => 4, 'uniqueItems' => true, 'items' => ['$ref' => 'job.json#/$defs/stageId']],
            FieldType::Word => ['enum' => $this->words],
            FieldType::Text => ['type' => 'string', 'minLength' => (int) $this->least, 'maxLength' => (int) $this->most],
        };
    }
}
