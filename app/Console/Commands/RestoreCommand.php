<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keep\Backup;
use App\Keep\Database;
use App\Keep\Restoring;
use App\Keep\Verification;
use App\Models\Job;
use Illuminate\Console\Command;
use RuntimeException;

final class RestoreCommand extends Command
{
    protected $signature = 'lamp:restore {backup} {--over : also where jobs are; a backup of them is taken first}';

    protected $description = 'Puts a backup in the place of what the database holds, also while the program runs, and compares the two';

    public function handle(Database $database, Restoring $restoring, Verification $verification): int
    {
        try {
            $backup = Backup::open((string) $this->argument('backup'));
            $restoring->putAsideIfDamaged();
            $database->open();
            $hasJobs = Job::withTrashed()->exists();
            if ($hasJobs && $this->option('over') !== true) {
                throw new RuntimeException('There are jobs in this place already. Restore into an empty one (LAMP_DATABASE), or add --over.');
            }
            [$before, $differ] = $restoring->put($backup, $hasJobs);
        } catch (RuntimeException $refused) {
            $this->getOutput()->getErrorStyle()->writeln($refused->getMessage());

            return self::FAILURE;
        }
        if ($before !== null) {
            $this->line("before: {$before->path}");
        }
        $same = 0;
        $verification->each(static function (Job $job, ?string $answer) use (&$same): void {
            $same += $answer === null ? 0 : 1;
        });
        $this->line("{$same} jobs are worked out, ".($differ === [] ? 'all of the same content as in the backup' : 'and not all is as in the backup'));
        foreach ($differ as $difference) {
            $this->line($difference);
        }

        return $differ === [] ? self::SUCCESS : self::FAILURE;
    }
}
