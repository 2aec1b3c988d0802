<?php

declare(strict_types=1);

use LampThread\Exchange\DesignPresenter;
use LampThread\Exchange\JobFile;
use LampThread\Parts\Shelf;
use LampThread\Sizing\Sizing;

// How a design with sizing grows from one fan to four, and how long the demo jobs take, in one run.
//   php bench/sizing.php

require __DIR__.'/../vendor/autoload.php';

const RUNS = 30;

$shelf = Shelf::standard();
$files = JobFile::standard($shelf);

$median = static function (array $file) use ($files, $shelf): array {
    $brief = $files->brief($files->decode(JobFile::encode($file)));
    $times = [];
    for ($run = 0; $run <= RUNS; $run++) {
        $start = hrtime(true);
        DesignPresenter::english($sizing = Sizing::of($brief, $shelf), $shelf);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return [$times[intdiv(count($times), 2)], count($sizing->circuit->wires), count($sizing->envelope->points)];
};

$one = json_decode((string) file_get_contents(__DIR__.'/../core/data/jobs/orchard-sprayer.lampthread.json'), true);
$alone = null;
echo "fans  wires  states  design, ms  per wire and state, µs  over one fan\n";
for ($fans = 1; $fans <= 4; $fans++) {
    $file = $one;
    $file['fans'] = [];
    $file['control']['stages'] = [];
    for ($fan = 1; $fan <= $fans; $fan++) {
        $file['fans'][] = [...$one['fans'][0], 'id' => "fan-{$fan}", 'name' => "Fan {$fan}"];
        $stage = [...$one['control']['stages'][0], 'id' => "stage-{$fan}", 'fans' => ["fan-{$fan}"]];
        $stage['decider']['onC'] += 3 * ($fan - 1);
        $stage['decider']['offC'] += 3 * ($fan - 1);
        $file['control']['stages'][] = $stage;
    }
    [$ms, $wires, $states] = $median($file);
    $alone ??= $ms;
    printf("%4d  %5d  %6d  %10.1f  %22.1f  %12.2f\n", $fans, $wires, $states, $ms, 1000 * $ms / $wires / $states, $ms / $alone);
}
echo "\n";
foreach (glob(__DIR__.'/../core/data/jobs/*.lampthread.json') ?: [] as $path) {
    [$ms, $wires, $states] = $median(json_decode((string) file_get_contents($path), true));
    printf("%-26s %3d wires, %3d states: %6.1f ms (median of %d)\n", basename($path, '.lampthread.json'), $wires, $states, $ms, RUNS);
}
