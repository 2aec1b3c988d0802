<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Exchange\DesignAnswer;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

final class DesignCommand extends JobFileCommand
{
    protected $signature = 'lamp:design {file : a *.lampthread.json} {--pretty : indent the answer}';

    protected $description = 'Prints the whole design of a job as JSON';

    protected function answer(): int
    {
        $answer = DesignAnswer::of(Sizing::of($this->brief(), $this->shelf), $this->shelf);
        $this->printJson($answer, (bool) $this->option('pretty'));
        $severities = array_column($answer['findings'], 'severity');

        return in_array(Severity::Danger->value, $severities, true) ? self::FINDINGS : Command::SUCCESS;
    }
}
