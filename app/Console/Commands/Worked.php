<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** What came of one job file: the answer, and whether something in it is to be looked at. */
final readonly class Worked
{
    /** @param  array<mixed>|string  $answer  to be encoded as JSON, or encoded already */
    public function __construct(public array|string $answer, public bool $hasFindings) {}
}
