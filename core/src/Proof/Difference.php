<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Message\Message;

/** One thing that two versions of a design differ in. */
final readonly class Difference
{
    public function __construct(public bool $isBetter, public Message $what, public Message $was, public Message $is) {}
}
