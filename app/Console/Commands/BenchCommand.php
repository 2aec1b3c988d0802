<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Exchange\BenchPresenter;
use LampThread\Exchange\ConditionsReader;
use LampThread\Exchange\FaultsReader;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Operation\Solver;

final class BenchCommand extends JobFileCommand
{
    protected $signature = 'lamp:bench {file : a *.lampthread.json} '.self::AS_FOUND.'{--set=* : name=value, e.g. key=run, coolantC=95}'
        .' {--fault=* : part=kind, e.g. W3=open} {--pretty : indent the answer}';

    protected $description = 'Prints one settled state of a job’s circuit as JSON';

    protected function answer(): int
    {
        $circuit = $this->design()->circuit();
        $conditions = ConditionsReader::read($this->pairs('set'), $circuit->positions())->withFaults(FaultsReader::read($this->pairs('fault'), $circuit));
        $point = (new Solver($circuit))->settle($conditions);
        $this->printJson(BenchPresenter::of($point, $this->wording), $this->option('pretty'));

        return $point->isSettled() ? Command::SUCCESS : self::FINDINGS;
    }

    /** @return array<string, string> */
    private function pairs(string $option): array
    {
        $values = [];
        foreach ((array) $this->option($option) as $pair) {
            if (! is_string($pair) || ! str_contains($pair, '=')) {
                throw InvalidInput::at("--{$option}", Message::of('input.not-a-pair', given: is_string($pair) ? $pair : ''));
            }
            [$name, $value] = explode('=', $pair, 2);
            $values[$name] = $value;
        }

        return $values;
    }
}
