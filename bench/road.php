<?php

declare(strict_types=1);

use LampThread\Exchange\JobFile;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Road\AirPath;
use LampThread\Road\Drive;
use LampThread\Road\Drives;
use LampThread\Road\HeatModel;
use LampThread\Road\Outcome;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;

// How long an hour on the road takes, a sweep of two hundred, and the equivalent network in ngspice, in one run.
//   php bench/road.php
//   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/road.php      as bin/start serves it

require __DIR__.'/../vendor/autoload.php';

const RUNS = 15;
const GAPS_K = [1, 1.5, 2, 3, 4, 5, 6, 7, 8, 10];

$shelf = Shelf::standard();
$files = JobFile::standard($shelf);
$median = require __DIR__.'/median.php';

$town = Drives::standard()['2-town'];
$lastS = $town->lastS();
/**
 * @template T
 *
 * @param  list<T>  $column
 * @return list<T>
 */
function twice(array $column): array
{
    return [...$column, ...array_slice($column, 1)];
}
$hour = new Drive(
    'hour', Message::verbatim('An hour of town'), Message::verbatim(''), 80, array_map(
        static fn (float $timeS): float => $timeS * 3600 / (2 * $lastS),
        [...$town->timesS, ...array_map(static fn (float $timeS): float => $timeS + $lastS, array_slice($town->timesS, 1))],
    ),
    twice($town->speedsKmh), twice($town->enginesRpm), twice($town->loads), twice($town->ambientsC), twice($town->airConditioning), twice($town->keysOn),
);
foreach (['orchard-sprayer', 'larkspur-camper', 'tern-step-van', 'saltmarsh-survey-buggy'] as $job) {
    $brief = $files->brief($files->decode((string) file_get_contents(__DIR__."/../core/data/jobs/{$job}.lampthread.json")));
    $vehicle = Vehicle::of(Sizing::of($brief, $shelf));
    printf(
        "%-24s an hour at 0.1 s, %d steps: %6.1f ms (median of %d)\n",
        $job,
        10 * $hour->lastS(),
        $median(static fn (): Outcome => $vehicle->drive($hour), RUNS),
        RUNS,
    );
}
$brief = $files->brief($files->decode((string) file_get_contents(__DIR__.'/../core/data/jobs/orchard-sprayer.lampthread.json')));
$vehicle = Vehicle::of(Sizing::of($brief, $shelf));
$sweep = $vehicle->sweep();
$start = hrtime(true);
foreach (GAPS_K as $gapK) {
    $sweep->row([[$town, 1.0]], $gapK);
}
printf("a sweep of 200 half hours at 0.5 s: %.2f s\n", (hrtime(true) - $start) / 1e9);

// The four lumps as a network, driven for an hour with the same steps.
$model = HeatModel::of($brief);
$air = (new AirPath($model))->through($model->coolantWPerK(850), [0.0], null, 0, 20, 20, 0, false);
$netlist = implode("\n", [
    '* heat', 'Iheat 0 m PULSE(4000 8000 0 1 1 40 90)', sprintf('Rm m e %.9g', 1 / $model->metalToCoolantWPerK),
    sprintf('Rbay e b %.9g', 1 / HeatModel::BAY_W_PER_K),
    sprintf('Rflow e r %.9g', 1 / $model->coolantWPerK(850)), sprintf('Grad r b e 0 %.9g', $air->takesWPerK),
    sprintf('Rout b 0 %.9g', 1 / ($air->airWPerK + HeatModel::BAY_LEAKS_W_PER_K)), sprintf('Cm m 0 %.9g IC=0', $model->metalJPerK),
    sprintf('Ce e 0 %.9g IC=0', $model->engineJPerK), sprintf('Cr r 0 %.9g IC=0', $model->radiatorJPerK),
    sprintf('Cb b 0 %.9g IC=0', HeatModel::BAY_J_PER_K), '.tran 0.1 3600 0 0.1 uic', '.control', 'run', 'quit', '.endc', '.end',
]);
$path = sys_get_temp_dir().'/'.getmypid().'-lamp-road.cir';
file_put_contents($path, $netlist."\n");
$empty = sys_get_temp_dir().'/'.getmypid().'-lamp-road-empty.cir';
file_put_contents($empty, "nothing\n.control\nquit\n.endc\n.end\n");
$spice = static fn (string $file): callable => static fn (): string => (string) shell_exec("ngspice -b {$file} 2>&1");
$theirs = $median($spice($path), 5) - $median($spice($empty), 5);
$ours = $median(static fn (): Outcome => $vehicle->drive($hour), RUNS);
array_map(unlink(...), [$path, $empty]);
printf("ngspice, the four lumps alone, an hour at 0.1 s: %.0f ms; ratio to ours with fans, thermostat and road: %.1f\n", $theirs, $theirs / $ours);
