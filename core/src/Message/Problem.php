<?php

declare(strict_types=1);

namespace LampThread\Message;

/** One thing that is wrong with what came in, and where. */
final readonly class Problem
{
    /** @param  string  $at  JSON pointer, line of a file or name of an input; '' is the whole */
    public function __construct(
        public string $at,
        public Message $message,
    ) {}
}
