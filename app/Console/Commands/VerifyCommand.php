<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keep\Backup;
use App\Keep\Database;
use App\Keep\Verification;
use App\Models\Job;
use Illuminate\Console\Command;
use RuntimeException;

final class VerifyCommand extends Command
{
    protected $signature = 'lamp:verify {backup? : a backup; the database that is in use where none is named}';

    protected $description = 'Checks the database, or a backup’s checksum, and works every job out; ends with 1 where anything is wrong';

    public function handle(Database $database, Verification $verification): int
    {
        $path = $this->argument('backup');
        if (is_string($path)) {
            try {
                Backup::open($path);
            } catch (RuntimeException $refused) {
                $this->line($refused->getMessage());

                return self::FAILURE;
            }
            config(['database.connections.sqlite.database' => $path, 'database.connections.sqlite.journal_mode' => null]);
            app('db')->purge('sqlite');
        }
        $faults = $database->faults();
        $read = 0;
        $verification->each(static function (Job $job, ?string $answer, ?string $why) use (&$faults, &$read): void {
            $read++;
            if ($why !== null) {
                $faults[] = "Job {$job->id}: {$why}";
            }
        });
        foreach ($faults as $fault) {
            $this->line($fault);
        }
        $this->line("{$read} jobs read, ".count($faults).' faults');

        return $faults === [] ? self::SUCCESS : self::FAILURE;
    }
}
