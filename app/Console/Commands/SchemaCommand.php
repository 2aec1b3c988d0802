<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Exchange\ControlSchema;

final class SchemaCommand extends Command
{
    protected $signature = 'lamp:schema';

    protected $description = 'Writes schema/control.json from the classes of the control ideas';

    public function handle(): int
    {
        file_put_contents(base_path('schema/control.json'), ControlSchema::json());

        return self::SUCCESS;
    }
}
