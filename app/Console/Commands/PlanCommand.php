<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Plans\PlanReport;
use App\Plans\PlanSearch;
use Illuminate\Console\Command;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\PlanReader;
use LampThread\Parts\Shelf;

final class PlanCommand extends JobFileCommand
{
    protected $signature = 'lamp:plan {file : a *.lampthread.json} {--complaint=* : e.g. hot-in-traffic} {--must=* : a wish} {--rather=* : a wish} {--never=* : a wish}'
        .' {--switched-by=nothing : nothing, switch, computer or amplifier} {--compressor=none : none, clutch or variable} {--most-cost=} {--most-hours=}'
        .' {--pretty : indent the answer}';

    protected $description = 'Prints as JSON the few plans for a job’s vehicle that no other beats, and why others are not among them';

    protected function answer(): int
    {
        $wishes = [];
        foreach (['must', 'rather', 'never'] as $strength) {
            foreach ((array) $this->option($strength) as $wish) {
                $wishes[strval($wish)] = $strength;
            }
        }
        $number = fn (string $option): ?float => is_numeric($this->option($option)) ? (float) $this->option($option) : null;
        $asked = PlanReader::read([
            'complaints' => array_map(strval(...), (array) $this->option('complaint')), 'wishes' => $wishes, 'switchedBy' => $this->option('switched-by'),
            'compressor' => $this->option('compressor'), 'mostCost' => $number('most-cost'), 'mostHours' => $number('most-hours'),
        ]);
        $shelf = $this->laravel->make(Shelf::class);
        $search = new PlanSearch($this->design()->file, $asked, $this->laravel->make(JobFile::class), $shelf);
        $report = new PlanReport($search, $asked, $shelf);
        $begun = microtime(true);
        foreach ($search->judged() as $draft => $judged) {
            $report->add($draft, $judged);
        }
        $whole = $report->whole(microtime(true) - $begun);
        $this->printJson($this->wording->worded($whole['result']), $this->option('pretty'));

        return $whole['result']['plans'] === [] ? self::FINDINGS : Command::SUCCESS;
    }
}
