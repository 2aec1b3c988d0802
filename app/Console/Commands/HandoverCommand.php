<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Design;
use LampThread\Exchange\HandoverPresenter;

final class HandoverCommand extends LinesCommand
{
    protected $signature = 'lamp:handover {file? : a *.lampthread.json} {--pretty : indent the answer} '.self::LINES;

    protected $description = 'Prints as JSON every test of a job, with where the leads go and what they should read, and every step of the work';

    protected function worked(Design $design, array $options): Worked
    {
        $handover = new HandoverPresenter($design->sizing());

        return new Worked($this->wording->worded(['tests' => $handover->tests(), 'work' => $handover->work()]), hasFindings: false);
    }
}
