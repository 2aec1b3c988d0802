<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Exchange\ProofAnswer;
use LampThread\Exchange\Proving;
use LampThread\Proof\Severity;

final class ProveCommand extends JobFileCommand
{
    protected $signature = 'lamp:prove {file : a *.lampthread.json} {--pretty : indent the answer}';

    protected $description = 'Prints as JSON what a job’s circuit does in every state, and what every single fault does';

    protected function answer(): int
    {
        $answer = ProofAnswer::of(Proving::of($this->jobFile(), $this->files, $this->shelf));
        $this->printJson($answer, (bool) $this->option('pretty'));

        return in_array(Severity::Danger->value, array_column($answer['findings'], 'severity'), true) ? self::FINDINGS : Command::SUCCESS;
    }
}
