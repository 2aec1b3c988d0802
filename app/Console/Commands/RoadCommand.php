<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Exchange\RoadPresenter;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Road\Vehicle;

final class RoadCommand extends JobFileCommand
{
    protected $signature = 'lamp:road {file : a *.lampthread.json} {--drive=3-queue : one of core/data/drives, or a CSV file} {--altitude=0 : m above sea level}'
        .' {--pretty : indent the answer}';

    protected $description = 'Drives a job’s vehicle and prints the result as JSON; ends with 1 when the coolant passed its ceiling';

    protected function answer(): int
    {
        $altitude = $this->option('altitude');
        if (! is_numeric($altitude)) {
            throw InvalidInput::at('--altitude', Message::of('input.not-a-number-of-metres'));
        }
        $design = $this->design();
        $outcome = Vehicle::of($design->sizing(), (float) $altitude)->drive($this->drive((string) $this->option('drive'), $design->brief->driveline));
        $this->printJson($this->wording->worded(RoadPresenter::outcome(Message::of('road.as-it-stands'), $design->brief, $outcome)), $this->option('pretty'));

        return $outcome->result->overS > 0 ? self::FINDINGS : Command::SUCCESS;
    }
}
