<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Design;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;

final class ProveCommand extends LinesCommand
{
    protected $signature = 'lamp:prove {file? : a *.lampthread.json} {--pretty : indent the answer} '.self::LINES;

    protected $description = 'Prints as JSON what a job’s circuit does in every state, and what every single fault does';

    protected function worked(Design $design, array $options): Worked
    {
        $dangers = array_filter($design->proofSummary()->findings, static fn (Finding $finding): bool => $finding->severity === Severity::Danger);

        return new Worked($design->proofAnswer(), $dangers !== []);
    }
}
