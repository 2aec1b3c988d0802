<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Kept;
use App\Keep\Backups;
use Illuminate\Console\Command;
use Symfony\Component\Finder\Finder;

final class DailyCommand extends Command
{
    protected $signature = 'lamp:daily';

    protected $description = 'Takes a backup where the last is a day old, and clears away answers nobody has asked for since; called every hour while the program runs';

    public function handle(Backups $backups): int
    {
        if ($backups->isDue()) {
            $this->line('taken '.$backups->take('daily')->path);
        }
        $folder = (string) config('cache.stores.file.path');
        foreach (is_dir($folder) ? Finder::create()->files()->in($folder)->date('before '.Kept::FOR_S.' seconds ago') : [] as $old) {
            @unlink($old->getPathname());
        }

        return self::SUCCESS;
    }
}
