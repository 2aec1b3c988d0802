<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** One thing about a design that its builder should know, with the numbers that show it. */
final readonly class Finding
{
    /**
     * @param  string  $code  stable name of the rule
     * @param  string  $subject  id of the component or reel it is about
     * @param  string  $briefPath  JSON pointer to the answer it hangs on
     * @param  array<string, array{float, string}>  $numbers  name to value and unit
     * @param  list<Remedy>  $remedies
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $title,
        public string $reason,
        public string $subject,
        public string $briefPath,
        public array $numbers,
        public array $remedies,
    ) {}
}
