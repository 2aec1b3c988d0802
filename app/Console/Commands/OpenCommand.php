<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keep\Database;
use Illuminate\Console\Command;
use RuntimeException;

final class OpenCommand extends Command
{
    protected $signature = 'lamp:open';

    protected $description = 'Makes the database or brings it forward, after a backup, and adds the demo workshop';

    public function handle(Database $database): int
    {
        try {
            $database->open();
        } catch (RuntimeException $refused) {
            $this->getOutput()->getErrorStyle()->writeln($refused->getMessage());

            return self::FAILURE;
        }
        $this->call('lamp:demo');

        return self::SUCCESS;
    }
}
