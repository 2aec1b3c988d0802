<?php

declare(strict_types=1);

use App\Plans\PlanSearch;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\PlanReader;
use LampThread\Parts\Shelf;
use LampThread\Plans\Front;
use LampThread\Sizing\Sizing;

// How many drafts a second are judged, on one core, and how that grows with what is tried; as ratios to sizing one of them, in one run.
//   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/plans.php

require __DIR__.'/../vendor/autoload.php';

ini_set('memory_limit', '1G');

$shelf = Shelf::standard();
$files = JobFile::standard($shelf);
$median = require __DIR__.'/median.php';
$questions = [
    ['orchard-sprayer', ['complaints' => ['hot-in-traffic']]],
    ['orchard-sprayer', ['complaints' => ['hot-in-traffic', 'heat-soak'], 'wishes' => ['water-crossing' => 'rather']]],
    ['kestrel-single-seater', ['complaints' => ['heat-soak', 'hot-on-climbs']]],
    ['tern-step-van', ['complaints' => ['hot-in-traffic'], 'switchedBy' => 'computer', 'compressor' => 'variable']],
    ['larkspur-camper', ['complaints' => ['warm-air-conditioning', 'hot-in-traffic'], 'compressor' => 'clutch']],
];
foreach ($questions as [$job, $question]) {
    $file = $files->decode((string) file_get_contents(__DIR__."/../core/data/jobs/{$job}.lampthread.json"));
    $search = new PlanSearch($file, PlanReader::read($question), $files, $shelf);
    $sizeMs = $median(static fn () => Sizing::of($files->checked(JobDocument::of($file)->with($search->drafts[0]->changes)), $shelf), 5);
    $begun = hrtime(true);
    $first = null;
    $front = new Front;
    [$judged, $pruned, $out] = [0, 0, 0];
    foreach ($search->judged() as $number => $one) {
        $judged += $one->isDone ? 1 : 0;
        $pruned += ! $one->isDone && ! $one->isOut() ? 1 : 0;
        $out += $one->isOut() ? 1 : 0;
        if ($one->isDone && $one->figures !== null) {
            $front->add((string) $number, $one->figures);
            $first ??= (hrtime(true) - $begun) / 1e9;
        }
    }
    $seconds = (hrtime(true) - $begun) / 1e9;
    printf(
        "%-22s %4d drafts in %5.1f s (%4.1f a second; each as long as sizing %.1f); first after %.2f s; judged %d, pruned %d, out %d, front %d\n",
        $job, count($search->drafts), $seconds, count($search->drafts) / $seconds, 1000 * $seconds / count($search->drafts) / $sizeMs, $first ?? 0.0, $judged, $pruned, $out,
        count($front->members()),
    );
}
