<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;

final class DesignCommand extends JobFileCommand
{
    protected $signature = 'lamp:design {file : a *.lampthread.json} {--pretty : indent the answer}';

    protected $description = 'Prints the whole design of a job as JSON';

    protected function answer(): int
    {
        $design = $this->design();
        $this->printJson($design->answer(), $this->option('pretty'));
        $dangers = array_filter($design->findings(), static fn (Finding $finding): bool => $finding->severity === Severity::Danger);

        return $dangers === [] ? Command::SUCCESS : self::FINDINGS;
    }
}
