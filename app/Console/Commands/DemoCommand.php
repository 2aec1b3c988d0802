<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Designs;
use App\Desk\Desk;
use App\Models\Job;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'lamp:demo';

    protected $description = 'Adds the demo workshop’s jobs that are not there yet; never touches one that is, or was removed';

    public function handle(Desk $desk, Designs $designs): int
    {
        foreach (glob(base_path('core/data/jobs/*.lampthread.json')) ?: [] as $path) {
            $id = basename($path, '.lampthread.json');
            if (Job::withTrashed()->find($id) === null) {
                $job = $desk->demo((string) file_get_contents($path), $id);
                $desk->keepProven($job, $designs->of($job->file()));
                $this->line("added {$id}");
            }
        }

        return self::SUCCESS;
    }
}
