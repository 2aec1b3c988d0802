<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Brief\Unusable;
use LampThread\Exchange\RoadAnswer;
use LampThread\Road\Drives;
use LampThread\Road\Vehicle;

final class RoadCommand extends JobFileCommand
{
    protected $signature = 'lamp:road {file : a *.lampthread.json} {--drive=3-queue : one of core/data/drives} {--altitude=0 : m above sea level} {--pretty : indent the answer}';

    protected $description = 'Drives a job’s vehicle through heat and prints what came of it as JSON; ends with 1 when the coolant passed its ceiling';

    protected function answer(): int
    {
        $drives = Drives::standard();
        $id = $this->option('drive');
        assert(is_string($id));
        $drive = $drives[$id] ?? throw Unusable::because('--drive', "there is no drive ‘{$id}’; there are ".implode(', ', array_keys($drives)).'.');
        $altitude = $this->option('altitude');
        if (! is_numeric($altitude)) {
            throw Unusable::because('--altitude', 'must be a number of metres.');
        }
        $brief = $this->brief();
        $answer = RoadAnswer::outcome('As it stands', $brief, Vehicle::of($brief, $this->shelf, (float) $altitude)->drive($drive));
        $this->printJson($answer, (bool) $this->option('pretty'));

        return $answer['overS'] > 0 ? self::FINDINGS : Command::SUCCESS;
    }
}
