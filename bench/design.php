<?php

declare(strict_types=1);

use LampThread\Exchange\DesignPresenter;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Parts\Shelf;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\Sizing;

// How long a design and one settled state take, and how that compares with ngspice solving the same operating points, in one run.
//   php bench/design.php [job.lampthread.json]

require __DIR__.'/../vendor/autoload.php';

const RUNS = 200;
const SPICE_RUNS = 20;

$median = require __DIR__.'/median.php';

$shelf = Shelf::standard();
$files = JobFile::standard($shelf);
$path = $argv[1] ?? __DIR__.'/../core/data/jobs/orchard-sprayer.lampthread.json';
$json = (string) file_get_contents($path);
$brief = $files->brief($files->decode($json));
$sizing = Sizing::of($brief, $shelf);
$points = $sizing->envelope->points;

$designMs = $median(static fn (): array => DesignPresenter::english(Sizing::of($brief, $shelf), $shelf), RUNS);
$readMs = $median(static fn (): array => $files->decode($json), RUNS);
$envelopeMs = $median(static fn (): OperatingEnvelope => OperatingEnvelope::of($sizing->circuit), RUNS);

// All operating points in one ngspice process: its start-up is not held against it.
$deck = "operating points\n.control\n";
$paths = [];
foreach ($points as $at => $point) {
    $paths[] = $file = sys_get_temp_dir().'/'.getmypid()."-lamp-bench-{$at}.cir";
    file_put_contents($file, SpiceNetlist::of($point, 'bench'));
    $deck .= "source {$file}\nop\n";
}
file_put_contents($paths[] = $script = sys_get_temp_dir().'/'.getmypid().'-lamp-bench.sp', $deck."quit\n.endc\n.end\n");
file_put_contents($paths[] = $empty = sys_get_temp_dir().'/'.getmypid().'-lamp-bench-empty.sp', "nothing\n.control\nquit\n.endc\n.end\n");
$run = static fn (string $file): callable => static fn (): string => (string) shell_exec("ngspice -b {$file} 2>&1");
$spiceMs = $median($run($script), SPICE_RUNS);
$startMs = $median($run($empty), SPICE_RUNS);
array_map(unlink(...), $paths);

printf("job                                  %s\n", basename($path));
printf("read and check the file              %.2f ms (median of %d)\n", $readMs, RUNS);
printf("lamp:design, computation             %.2f ms (median of %d)\n", $designMs, RUNS);
printf("settle %3d operating points          %.2f ms, %.3f ms each\n", count($points), $envelopeMs, $envelopeMs / count($points));
printf("ngspice, the same points settled     %.2f ms without its start of %.2f ms\n", $spiceMs - $startMs, $startMs);
printf("ngspice over ours                    %.1f\n", ($spiceMs - $startMs) / $envelopeMs);
