<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Kept;
use App\Keep\Backups;
use App\Keep\Database;
use App\Tasks\Task;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Finder\Finder;

final class DailyCommand extends Command
{
    protected $signature = 'lamp:daily';

    protected $description = 'Takes a backup where the last is a day old, and clears away answers nobody has asked for since; called every hour while the program runs';

    /** A page that is opened again finds what it asked for so long, and a change that waited in a browser is known again so long. */
    private const TASK_DAYS = 30;

    public function handle(Backups $backups): int
    {
        if ($backups->isDue()) {
            $this->line('taken '.$backups->take('daily')->path);
        }
        $backups->prune();
        $this->clearTasks();
        // Where someone read while a job was erased.
        Database::emptyLog();
        $folder = (string) config('cache.stores.file.path');
        foreach (is_dir($folder) ? Finder::create()->files()->in($folder)->date('before '.Kept::FOR_S.' seconds ago') : [] as $old) {
            @unlink($old->getPathname());
        }

        return self::SUCCESS;
    }

    /** What was worked out for an earlier version of a job nobody asks for again, nor for what a day-old page asked. */
    private function clearTasks(): void
    {
        $old = now()->subDays(self::TASK_DAYS);
        Task::query()->where('updated_at', '<', $old)->delete();
        DB::table('sent_changes')->where('created_at', '<', $old)->delete();
    }
}
