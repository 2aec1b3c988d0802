<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Design\Designs;
use App\Models\Job;

/** The proof of a job as it stands, or as it was at a revision: kept with everything that follows from that content. */
final readonly class ProofWork implements Work
{
    public function __construct(private Designs $designs) {}

    public function check(\stdClass $question): void {}

    public function rows(Job $job, \stdClass $question): array
    {
        $design = $this->designs->as($job->state, $job->revision($question->revision)->file ?? null);
        $rows = static function () use ($design): iterable {
            $design->proofAnswer();
            $design->proofSummary();
            yield ['key' => $design->key];
        };

        return [1, $rows()];
    }
}
