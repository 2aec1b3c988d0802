<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Message\Message;
use LampThread\Message\Quantity;

/** One temperature that bounds what a stage can be set to; why is a text of its code. */
final readonly class SetPointBound
{
    /** @param  array<string, Quantity|float|bool>  $params  of its reason */
    public function __construct(public string $code, public float $valueC, private array $params = []) {}

    public function name(): Message
    {
        return Message::of("bound.{$this->code}.name");
    }

    public function reason(): Message
    {
        return Message::of("bound.{$this->code}.reason", ...$this->params);
    }
}
