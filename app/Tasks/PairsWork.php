<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Design\Designs;
use App\Models\Job;
use LampThread\Exchange\ProofPresenter;
use LampThread\Exchange\Wording;

/** Pairs of a fault nobody notices and any second one, a row for each first: fits schema/proof-pairs.json. */
final readonly class PairsWork implements Work
{
    public function __construct(private Designs $designs, private Wording $wording) {}

    public function check(\stdClass $question): void {}

    public function rows(Job $job, \stdClass $question): array
    {
        $design = $this->designs->as($job->state, $job->file());
        $pairs = $design->faultPairs();
        $rows = function () use ($pairs): iterable {
            foreach ($pairs->firsts as $first) {
                yield ProofPresenter::pairs($first, $pairs->after($first), $this->wording);
            }
        };

        return [count($pairs->firsts), $rows()];
    }
}
