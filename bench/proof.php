<?php

declare(strict_types=1);

use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Rail;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use LampThread\Proof\Proof;
use LampThread\Sizing\Sizing;

// How long a proof takes, how it grows with the fans, and how that compares with ngspice solving as many of the same operating points,
// in one run. Compiled to machine code, as bin/start serves it:
//   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/proof.php
//   php bench/proof.php      without

require __DIR__.'/../vendor/autoload.php';

const RUNS = 5;
const SPICE_POINTS = 400;

$shelf = Shelf::standard();
$files = JobFile::standard($shelf);
$median = require __DIR__.'/median.php';
$row = static function (string $name, array $file) use ($files, $shelf, $median): array {
    $sizing = Sizing::of($files->brief($files->decode(JobFile::encode($file))), $shelf);
    $proof = Proof::of($sizing, $shelf);
    $ms = $median(static fn (): Proof => Proof::of($sizing, $shelf), RUNS);
    printf(
        "%-24s %6d %9d %7d %7d %7d %8.0f ms %7.1f µs a pair\n",
        $name, count($proof->space->states), count($proof->space->distinct()), count($proof->faults), $proof->pairs, $proof->solved, $ms, 1000 * $ms / $proof->pairs,
    );

    return [$proof, $ms];
};

printf("%-24s %6s %9s %7s %7s %7s\n", 'job', 'states', 'distinct', 'faults', 'pairs', 'solved');
$largest = null;
foreach (glob(__DIR__.'/../core/data/jobs/*.lampthread.json') ?: [] as $path) {
    $done = $row(basename($path, '.lampthread.json'), json_decode((string) file_get_contents($path), true));
    $largest = $largest === null || $done[0]->pairs > $largest[0]->pairs ? $done : $largest;
}
$one = json_decode((string) file_get_contents(__DIR__.'/../core/data/jobs/orchard-sprayer.lampthread.json'), true);
for ($fans = 1; $fans <= 4; $fans++) {
    $file = $one;
    $file['fans'] = array_map(static fn (int $fan): array => [...$one['fans'][0], 'id' => "fan-{$fan}", 'name' => "Fan {$fan}"], range(1, $fans));
    $file['control']['stages'][0]['fans'] = array_column($file['fans'], 'id');
    $row("{$fans} fans, a relay each", $file);
}

// As many operating points as ngspice solves in one process, its start-up not held against it.
[$proof, $ms] = $largest ?? throw new RuntimeException('No demo job was found.');
$solver = new Solver($proof->sizing->circuit);
$random = new Random\Randomizer(new Random\Engine\Mt19937(1));
$points = [];
$broken = [];
while (count($points) < SPICE_POINTS) {
    $state = $proof->space->states[$random->getInt(0, count($proof->space->states) - 1)];
    $fault = $proof->faults[$random->getInt(0, count($proof->faults) - 1)];
    $conditions = $state->point->conditions->withFaults(new Faults([$fault->part => $fault->fault]));
    $points[] = $solver->breakIn($state->point, $conditions);
    $broken[] = [$state->point, $conditions];
}
$deck = "operating points\n.control\n";
$paths = [];
foreach ($points as $at => $point) {
    $paths[] = $file = sys_get_temp_dir().'/'.getmypid()."-lamp-proof-{$at}.cir";
    file_put_contents($file, SpiceNetlist::of($point, 'bench'));
    $deck .= "source {$file}\nop\n";
}
file_put_contents($paths[] = $script = sys_get_temp_dir().'/'.getmypid().'-lamp-proof.sp', $deck."quit\n.endc\n.end\n");
file_put_contents($paths[] = $empty = sys_get_temp_dir().'/'.getmypid().'-lamp-proof-empty.sp', "nothing\n.control\nquit\n.endc\n.end\n");
$run = static fn (string $file): callable => static fn (): string => (string) shell_exec("ngspice -b {$file} 2>&1");
$spiceMs = $median($run($script), RUNS) - $median($run($empty), RUNS);
$oursMs = $median(static function () use ($proof, $broken): void {
    $fresh = new Solver($proof->sizing->circuit);
    foreach ($broken as [$sound, $conditions]) {
        $fresh->breakIn($sound, $conditions);
    }
}, RUNS);
// One netlist at a time, for the largest difference.
$largestV = 0.0;
foreach (array_slice($points, 0, 100, true) as $at => $point) {
    $listing = (string) shell_exec("ngspice -b {$paths[$at]} 2>&1");
    preg_match_all('/^\s*([a-z]\S*)\s+(-?[\d.]+e[+-]\d+)\s*$/mi', $listing, $found, PREG_SET_ORDER);
    $theirs = array_column($found, 2, 1);
    foreach ($point->voltages->byNode as $terminal => $volts) {
        $node = SpiceNetlist::node($terminal);
        if ($terminal !== Rail::EARTH && isset($theirs[$node]) && $point->isSettled()) {
            $largestV = max($largestV, abs((float) $theirs[$node] - $volts));
        }
    }
}
array_map(unlink(...), $paths);
printf(
    "\n%d pairs with relays settling, ours %.0f ms; ngspice, the settled points alone %.0f ms: ratio %.1f\n",
    SPICE_POINTS,
    $oursMs,
    $spiceMs,
    $spiceMs / $oursMs,
);
printf(
    "all %d pairs proven in %.0f ms; at ngspice’s pace %.1f s: ratio %.0f\n",
    $proof->pairs,
    $ms,
    $spiceMs / SPICE_POINTS * $proof->pairs / 1000,
    $spiceMs / SPICE_POINTS * $proof->pairs / $ms,
);
printf("largest difference of any voltage in 100 of them: %.2g V\n", $largestV);
