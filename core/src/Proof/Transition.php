<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Message\Message;

/** One thing that is done, and the conditions it leads to. */
final readonly class Transition
{
    public function __construct(public Message $name, public OperatingConditions $to) {}
}
