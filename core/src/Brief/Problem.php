<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** One thing that is wrong with what came in, and where. */
final readonly class Problem
{
    /**
     * @param  string  $at  JSON pointer, line of a file or name of an input; '' is the whole
     * @param  string  $says  what is wrong, in a person's words
     */
    public function __construct(
        public string $at,
        public string $says,
    ) {}

    public function line(): string
    {
        return ($this->at === '' ? 'the file' : $this->at).': '.$this->says;
    }
}
