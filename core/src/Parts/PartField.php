<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;
use LampThread\Message\Unit;

/** One rating of a kind of part: a number within bounds, or one of a few words. */
final readonly class PartField
{
    /**
     * @param  string  $name  unit in its name, as on the part itself
     * @param  list<string>  $options  the words it can be; none for a number
     * @param  Message|null  $usual  what is taken where it is left out; null where it must be told
     * @param  string|null  $label  code of its label, where the usual label of its name does not do
     */
    private function __construct(
        public string $name,
        public Unit $unit,
        public float $least,
        public float $most,
        public array $options,
        public ?Message $usual,
        private ?string $label,
    ) {}

    public static function number(string $name, Unit $unit, float $least, float $most, ?Message $usual = null, ?string $label = null): self
    {
        return new self($name, $unit, $least, $most, [], $usual, $label);
    }

    /** @param  non-empty-list<string>  $options */
    public static function word(string $name, array $options, ?Message $usual = null): self
    {
        return new self($name, Unit::One, 0, 0, $options, $usual, null);
    }

    public function label(): Message
    {
        return Message::of($this->label ?? "part-field.{$this->name}");
    }

    public function isNumber(): bool
    {
        return $this->options === [];
    }

    /** What is wrong with a value; null where nothing is. */
    public function refusal(float|string|null $value): ?Message
    {
        return match (true) {
            $value === null => $this->usual === null ? Message::of('input.missing') : null,
            is_string($value) => in_array($value, $this->options, true) ? null : Message::of('input.not-one-of', given: $value, options: $this->options),
            $value < $this->least || $value > $this->most => Message::of(
                'input.out-of-bounds', least: $this->unit->of($this->least), most: $this->unit->of($this->most), given: $this->unit->of($value),
            ),
            default => null,
        };
    }
}
