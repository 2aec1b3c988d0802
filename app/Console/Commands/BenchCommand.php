<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Brief\Unusable;
use LampThread\Electrics\Faults;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;
use LampThread\Exchange\BenchAnswer;
use LampThread\Sizing\Sizing;

final class BenchCommand extends JobFileCommand
{
    protected $signature = 'lamp:bench {file : a *.lampthread.json} {--set=* : name=value, e.g. key=run, coolantC=95} {--fault=* : part=kind, e.g. W3=open} {--pretty : indent the answer}';

    protected $description = 'Prints one settled state of a job’s circuit as JSON';

    protected function answer(): int
    {
        $circuit = Sizing::of($this->brief(), $this->shelf)->circuit;
        $setting = Setting::read($this->pairs('set'), $circuit->positions())->with(Faults::read($this->pairs('fault'), $circuit));
        $point = (new Solver($circuit))->settle($setting);
        $this->printJson(BenchAnswer::of($point), (bool) $this->option('pretty'));

        return $point->isSettled() ? Command::SUCCESS : self::FINDINGS;
    }

    /** @return array<string, string> */
    private function pairs(string $option): array
    {
        $values = [];
        foreach ((array) $this->option($option) as $pair) {
            if (! is_string($pair) || ! str_contains($pair, '=')) {
                throw Unusable::because("--{$option}", "‘{$pair}’ must be name=value.");
            }
            [$name, $value] = explode('=', $pair, 2);
            $values[$name] = $value;
        }

        return $values;
    }
}
