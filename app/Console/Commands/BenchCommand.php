<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Brief\Unusable;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;
use LampThread\Exchange\BenchAnswer;
use LampThread\Sizing\Sizing;

final class BenchCommand extends JobFileCommand
{
    protected $signature = 'lamp:bench {file : a *.lampthread.json} {--set=* : name=value, e.g. key=run, coolantC=95} {--pretty : indent the answer}';

    protected $description = 'Prints one settled state of a job’s circuit as JSON';

    protected function answer(): int
    {
        $values = [];
        foreach ((array) $this->option('set') as $pair) {
            if (! is_string($pair) || ! str_contains($pair, '=')) {
                throw Unusable::because('--set', "‘{$pair}’ must be name=value.");
            }
            [$name, $value] = explode('=', $pair, 2);
            $values[$name] = $value;
        }
        $circuit = Sizing::of($this->brief(), $this->shelf)->circuit;
        $point = (new Solver($circuit))->settle(Setting::read($values, $circuit->positions()));
        $this->printJson(BenchAnswer::of($point), (bool) $this->option('pretty'));

        return $point->isSettled() ? Command::SUCCESS : self::FINDINGS;
    }
}
