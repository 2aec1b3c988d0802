<?php

declare(strict_types=1);

namespace LampThread\Brief;

/**
 * What is to be changed of a job: places of its file to the values they take. A remedy, a plan, another arrangement, an answer of the form and
 * what is typed are all told so.
 *
 * @implements \IteratorAggregate<string, mixed>
 */
final readonly class Changes implements \IteratorAggregate
{
    /** @param  array<string, mixed>  $byPlace  JSON pointer to the new value; null takes the entry out, where the schema takes no null there */
    private function __construct(public array $byPlace) {}

    /** @param  array<string, mixed>  $byPlace  as above */
    public static function of(array $byPlace): self
    {
        return new self($byPlace);
    }

    public function set(string $place, mixed $value): self
    {
        return new self([...$this->byPlace, $place => $value]);
    }

    /** These, and then others. */
    public function and(self $later): self
    {
        return new self([...$this->byPlace, ...$later->byPlace]);
    }

    public function isNone(): bool
    {
        return $this->byPlace === [];
    }

    public function getIterator(): \Traversable
    {
        yield from $this->byPlace;
    }
}
