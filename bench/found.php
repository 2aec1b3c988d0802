<?php

declare(strict_types=1);

use LampThread\Exchange\DesignPresenter;
use LampThread\Exchange\JobFile;
use LampThread\Parts\Shelf;
use LampThread\Proof\Proof;
use LampThread\Sizing\Sizing;

// What a circuit that was found costs: each demo designed and proven for an empty vehicle, and for one in which its own circuit lies already,
// side by side in one run.
//   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/found.php

require __DIR__.'/../vendor/autoload.php';

const RUNS = 15;
const PROOF_RUNS = 3;

$median = require __DIR__.'/median.php';
$shelf = Shelf::standard();
$files = JobFile::standard($shelf);
printf("%-24s %12s %12s %6s %12s %12s %6s\n", 'job', 'design, ms', 'with found', 'ratio', 'proof, ms', 'with found', 'ratio');
foreach (glob(__DIR__.'/../core/data/jobs/*.lampthread.json') ?: [] as $path) {
    $file = $files->decode((string) file_get_contents($path));
    $found = ['fans' => $file['fans'], 'control' => $file['control'], 'runs' => $file['runs'] ?? []];
    $ms = [];
    foreach ([$file, [...$file, 'found' => $found, 'renewed' => []]] as $told) {
        $brief = $files->brief($told);
        $ms['design'][] = $median(static fn (): array => DesignPresenter::english(Sizing::of($brief, $shelf), $shelf), RUNS);
        $ms['proof'][] = $median(static fn (): Proof => Proof::of(Sizing::of($brief, $shelf), $shelf), PROOF_RUNS);
    }
    printf(
        "%-24s %12.1f %12.1f %6.2f %12.0f %12.0f %6.2f\n",
        basename($path, '.lampthread.json'), ...[...$ms['design'], $ms['design'][1] / $ms['design'][0], ...$ms['proof'], $ms['proof'][1] / $ms['proof'][0]],
    );
}
