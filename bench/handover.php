<?php

declare(strict_types=1);

use LampThread\Exchange\JobFile;
use LampThread\Handover\StandInMeter;
use LampThread\Handover\Suspects;
use LampThread\Handover\TakenReading;
use LampThread\Handover\TestPlan;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use LampThread\Sizing\Sizing;

// How long a test plan takes and how long it takes to say where the volts went, as ratios to one settled state, in one run.
//   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/handover.php      as bin/start serves it

require __DIR__.'/../vendor/autoload.php';

const RUNS = 9;

$shelf = Shelf::standard();
$files = JobFile::standard($shelf);
$median = require __DIR__.'/median.php';

foreach (['orchard-sprayer', 'larkspur-camper', 'tern-step-van'] as $job) {
    $sizing = Sizing::of($files->brief($files->decode((string) file_get_contents(__DIR__."/../core/data/jobs/{$job}.lampthread.json"))), $shelf);
    $plan = new TestPlan($sizing);
    $steps = count($plan->steps());
    $meter = new StandInMeter($plan, 5, hasBadJoint: true);
    $readings = [];
    foreach (array_keys($plan->steps()) as $id) {
        if (str_starts_with($id, 'hot-1/')) {
            $readings[] = new TakenReading($plan->measurement($id), $meter->shows($plan->measurement($id)));
        }
    }
    $settledMs = $median(static fn () => (new Solver($sizing->circuit))->settle($plan->settings['hot-1']->conditions), RUNS);
    $planMs = $median(static fn () => (new TestPlan($sizing))->steps(), RUNS);
    $whereMs = $median(static function () use ($sizing, $readings): void {
        $suspects = new Suspects(new TestPlan($sizing), $readings);
        $suspects->next();
    }, RUNS);
    printf(
        "%-18s one state %5.2f ms; plan of %d steps %6.1f ms, %4.0f states; where the volts went and what to read next %6.1f ms, %4.0f states\n",
        $job, $settledMs, $steps, $planMs, $planMs / $settledMs, $whereMs, $whereMs / $settledMs,
    );
}
