<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;

final class ProveCommand extends JobFileCommand
{
    protected $signature = 'lamp:prove {file : a *.lampthread.json} {--pretty : indent the answer}';

    protected $description = 'Prints as JSON what a job’s circuit does in every state, and what every single fault does';

    protected function answer(): int
    {
        $design = $this->design();
        $this->printJson($design->proofAnswer(), $this->option('pretty'));
        $dangers = array_filter($design->proofSummary()->findings, static fn (Finding $finding): bool => $finding->severity === Severity::Danger);

        return $dangers === [] ? Command::SUCCESS : self::FINDINGS;
    }
}
