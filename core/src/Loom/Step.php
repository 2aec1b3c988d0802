<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Message\Message;

/** One step of the work, with the caution that belongs to it. */
final readonly class Step
{
    /** @param  list<Message>  $items */
    public function __construct(
        public Message $title,
        public array $items,
        public ?Message $caution = null,
    ) {}
}
