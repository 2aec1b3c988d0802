<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keep\Health;
use Illuminate\Console\Command;

final class HealthCommand extends Command
{
    protected $signature = 'lamp:health';

    protected $description = 'Prints how the machine is: database, disk, cache, backups, versions; ends with 1 where it is not well';

    public function handle(Health $health): int
    {
        foreach ($health->present()['checks'] as $check) {
            $this->line(($check['isWell'] ? 'well' : 'NOT WELL')."  {$check['name']}: {$check['says']}");
        }

        return $health->isWell() ? self::SUCCESS : self::FAILURE;
    }
}
