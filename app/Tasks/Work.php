<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Models\Job;
use LampThread\Message\InvalidInput;

/** Long work on one job, row by row. */
interface Work
{
    /**
     * @param  \stdClass  $question  as it came in
     *
     * @throws InvalidInput where it cannot be answered
     */
    public function check(\stdClass $question): void;

    /**
     * @return array{int, iterable<array<string, mixed>>} how many rows there will be, and the rows as they come
     */
    public function rows(Job $job, \stdClass $question): array;
}
