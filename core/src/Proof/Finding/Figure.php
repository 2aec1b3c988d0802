<?php

declare(strict_types=1);

namespace LampThread\Proof\Finding;

use LampThread\Message\Message;
use LampThread\Message\Quantity;

/** One number of a finding, with its name. */
final readonly class Figure
{
    public function __construct(public Message $name, public Quantity $value) {}

    /** @param  string  $code  of its name, without ‘figure.’ */
    public static function of(string $code, Quantity $value): self
    {
        return new self(Message::of("figure.{$code}"), $value);
    }
}
