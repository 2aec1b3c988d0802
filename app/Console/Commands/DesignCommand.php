<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Design;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;

final class DesignCommand extends LinesCommand
{
    protected $signature = 'lamp:design {file? : a *.lampthread.json} {--pretty : indent the answer} '.self::LINES;

    protected $description = 'Prints the whole design of a job as JSON';

    protected function worked(Design $design, array $options): Worked
    {
        $dangers = array_filter($design->findings(), static fn (Finding $finding): bool => $finding->severity === Severity::Danger);

        return new Worked($design->answer(), $dangers !== []);
    }
}
