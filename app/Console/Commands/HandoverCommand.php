<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Exchange\HandoverPresenter;

final class HandoverCommand extends JobFileCommand
{
    protected $signature = 'lamp:handover {file : a *.lampthread.json} {--pretty : indent the answer}';

    protected $description = 'Prints as JSON every test of a job, with where the leads go and what they should read, and every step of the work';

    protected function answer(): int
    {
        $handover = new HandoverPresenter($this->design()->sizing());
        $this->printJson($this->wording->worded(['tests' => $handover->tests(), 'work' => $handover->work()]), $this->option('pretty'));

        return Command::SUCCESS;
    }
}
