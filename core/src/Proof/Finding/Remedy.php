<?php

declare(strict_types=1);

namespace LampThread\Proof\Finding;

use LampThread\Brief\Changes;
use LampThread\Message\Message;
use LampThread\Message\Quantity;

/** A change to the job that takes a finding away. */
final readonly class Remedy
{
    /**
     * @param  list<Message>  $removes  titles of the findings it takes away, once evaluated
     * @param  list<Message>  $adds  titles of those it brings
     * @param  float|null  $cost  what the parts cost more, in the workshop's own money; null where it was not evaluated
     */
    private function __construct(
        public Message $label,
        public Changes $changes,
        public array $removes = [],
        public array $adds = [],
        public ?float $cost = null,
    ) {}

    /**
     * @param  string  $code  of its label, without ‘remedy.’
     * @param  array<string, mixed>  $changes  place of the job file to the value it takes
     * @param  array<string, Quantity|Message>  $params  of its label
     */
    public static function of(string $code, array $changes, array $params = []): self
    {
        return new self(Message::of("remedy.{$code}", ...$params), Changes::of($changes));
    }

    /**
     * @param  list<Message>  $removes
     * @param  list<Message>  $adds
     */
    public function evaluated(array $removes, array $adds, float $cost): self
    {
        return new self($this->label, $this->changes, $removes, $adds, $cost);
    }
}
