<?php

declare(strict_types=1);

namespace App\Keep;

use App\Design\Designs;
use App\Design\Uncomputable;
use App\Models\Job;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;

/** Reads every job of the workshop and works its answer out. */
final readonly class Verification
{
    public function __construct(private Designs $designs, private Wording $wording) {}

    /**
     * @param  \Closure(Job, string|null, string|null): void  $each  told the job, the checksum of its answer, and why there is none
     */
    public function each(\Closure $each): void
    {
        foreach (Job::withTrashed()->orderBy('id')->lazy(100) as $job) {
            try {
                $each($job, md5($this->designs->fresh($job->file())->answer()), null);
            } catch (InvalidInput $invalid) {
                $each($job, null, $this->wording->line($invalid->problems[0]));
            } catch (Uncomputable $fault) {
                $each($job, null, $fault->getMessage());
            }
        }
    }
}
