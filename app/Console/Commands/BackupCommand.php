<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keep\Backups;
use Illuminate\Console\Command;

final class BackupCommand extends Command
{
    protected $signature = 'lamp:backup';

    protected $description = 'Takes a copy of the whole workshop while the program runs, and prints where it lies';

    public function handle(Backups $backups): int
    {
        $backup = $backups->take('by-hand');
        $this->line($backup->path);
        $rows = $backup->rows;
        $this->line("{$rows['jobs']} jobs, {$rows['revisions']} revisions, {$rows['parts']} own parts, {$rows['drives']} drives, {$rows['logs']} logs");

        return self::SUCCESS;
    }
}
