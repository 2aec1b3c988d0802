<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/** One rating of a kind of part: a number within bounds, or one of a few words. */
final readonly class PartField
{
    /**
     * @param  string  $name  unit in its name, as on the part itself
     * @param  list<string>  $options  the words it can be; none for a number
     * @param  string|null  $usual  what is taken where it is left out; null where it must be told
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $least,
        public float $most,
        public array $options,
        public ?string $usual,
    ) {}

    public static function number(string $name, string $label, string $unit, float $least, float $most, ?string $usual = null): self
    {
        return new self($name, $label, $unit, $least, $most, [], $usual);
    }

    /** @param  non-empty-list<string>  $options */
    public static function word(string $name, string $label, array $options): self
    {
        return new self($name, $label, '', 0, 0, $options, null);
    }

    public function isNumber(): bool
    {
        return $this->options === [];
    }

    /** What is wrong with a value; null where nothing is. */
    public function refusal(float|string|null $value): ?string
    {
        return match (true) {
            $value === null => $this->usual === null ? 'is missing.' : null,
            is_string($value) => in_array($value, $this->options, true) ? null : "‘{$value}’ must be one of ".implode(', ', $this->options).'.',
            $value < $this->least || $value > $this->most => sprintf('must be from %G to %G %s, not %G.', $this->least, $this->most, $this->unit, $value),
            default => null,
        };
    }
}
