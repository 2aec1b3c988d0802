<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keep\Backup;
use App\Keep\Backups;
use App\Keep\Database;
use App\Keep\Restoring;
use App\Models\Job;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Schema;
use RuntimeException;

final class RestoreCommand extends Command
{
    protected $signature = 'lamp:restore {backup} {--over : also where jobs are; a backup of them is taken first}';

    protected $description = 'Puts a backup in the place of the database, and compares every answer of the two';

    public function handle(Database $database, Backups $backups, Restoring $restoring): int
    {
        try {
            $backup = Backup::open((string) $this->argument('backup'));
            if (is_file((string) config('database.connections.sqlite.database')) && Schema::hasTable('jobs') && Job::withTrashed()->count() > 0) {
                if ($this->option('over') !== true) {
                    throw new RuntimeException('There are jobs in this place already. Restore into an empty one (LAMP_DATABASE), or add --over.');
                }
                $this->line('before: '.$backups->take('by-hand')->path);
            }
            $restoring->put($backup);
            $database->open();
            [$same, $differ] = $restoring->compare($backup);
        } catch (RuntimeException $refused) {
            $this->getOutput()->getErrorStyle()->writeln($refused->getMessage());

            return self::FAILURE;
        }
        $this->line("{$same} jobs are worked out, all of the same content as in the backup");
        foreach ($differ as $difference) {
            $this->line($difference);
        }

        return $differ === [] ? self::SUCCESS : self::FAILURE;
    }
}
