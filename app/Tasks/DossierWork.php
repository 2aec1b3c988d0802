<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Documents\JobPapers;
use App\Models\Job;
use App\People\Discretion;

/** The dossier of a job, as whoever asked may see it. */
final readonly class DossierWork implements Work
{
    public function __construct(private JobPapers $papers) {}

    public function check(\stdClass $question): void {}

    public function rows(Job $job, \stdClass $question): array
    {
        $rows = function () use ($job, $question): iterable {
            $this->papers->make($job, $question->paper, new Discretion($question->isKept));
            yield ['paper' => $question->paper];
        };

        return [1, $rows()];
    }
}
