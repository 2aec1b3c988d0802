<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Design;
use LampThread\Exchange\RoadPresenter;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Road\Vehicle;

final class RoadCommand extends LinesCommand
{
    protected $signature = 'lamp:road {file? : a *.lampthread.json} {--drive=3-queue : one of core/data/drives, or a CSV file} {--altitude=0 : m above sea level}'
        .' {--pretty : indent the answer} '.self::LINES;

    protected $description = 'Drives a job’s vehicle and prints the result as JSON; ends with 1 when the coolant passed its ceiling';

    protected function worked(Design $design, array $options): Worked
    {
        $altitude = $options['altitude'];
        if (! is_numeric($altitude)) {
            throw InvalidInput::at('--altitude', Message::of('input.not-a-number-of-metres'));
        }
        $outcome = Vehicle::of($design->sizing(), (float) $altitude)->drive($this->drive((string) $options['drive'], $design->brief->driveline));

        return new Worked($this->wording->worded(RoadPresenter::outcome(Message::of('road.as-it-stands'), $design->brief, $outcome)), $outcome->result->overS > 0);
    }
}
