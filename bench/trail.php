<?php

declare(strict_types=1);

use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\FaultTables;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use LampThread\Diagnosis\Walk;
use LampThread\Exchange\JobFile;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use LampThread\Sizing\Sizing;

// Every planted fault of every demo job, each complaint it shows: found or not, tests, and mean minutes beside two habits of the trade
// (common practice, no source): “relay, fuse, feed, earth, trigger, plug, motor”, and “clear the code, then swap the relay”. And how long a
// table and a next test take, as ratios to one settled state.
//   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/trail.php [job ...]

require __DIR__.'/../vendor/autoload.php';

ini_set('memory_limit', '1G');

const RUNS = 5;

$shelf = Shelf::standard();
$files = JobFile::standard($shelf);
$median = require __DIR__.'/median.php';

/** @return list<Test> in the order of a habit: kinds, each over all its spots, in the situation where everything is asked for */
$habit = static function (FaultTable $table, array $kinds): array {
    $situations = array_keys(array_filter($table->situations, static fn ($one): bool => $one->isMeasured()));
    $asked = array_values(array_filter($situations, static fn (string $id): bool => str_starts_with($id, 'rest+') || str_starts_with($id, 'hot-')))[0] ?? 'rest';
    $order = [];
    foreach ($kinds as $kind) {
        foreach ($table->tests as $test) {
            if ($test->kind === $kind && ($test->situation === null || $test->situation === $asked || $test->kind === TestKind::Look)) {
                $order[] = $test;
            }
        }
    }

    return $order;
};
/** @param  list<Test>  $order */
$minutesOf = static function (FaultTable $table, LampReading $lamp, Walk $walk, int $cause, Symptom $seen, array $order): float {
    $answers = [];
    $minutes = 0.0;
    foreach ($order as $test) {
        $trail = new Trail($table, $lamp, [$seen], $answers, []);
        if ($trail->found() !== null) {
            break;
        }
        $minutes += $trail->minutes($test);
        $answers[] = new Answer($test, $walk->shown($test, $cause));
    }

    return $minutes;
};
$relayFirst = [
    TestKind::Swap, TestKind::Pull, TestKind::Renew, TestKind::Drop, TestKind::Volts, TestKind::Listen, TestKind::Look, TestKind::Feed, TestKind::Cooling, TestKind::Sensor,
    TestKind::Along, TestKind::WarmUp,
];
$codeFirst = [TestKind::Scan, ...$relayFirst];

$jobs = array_slice($argv, 1) ?: array_map(static fn (string $path): string => basename($path, '.lampthread.json'), glob(__DIR__.'/../core/data/jobs/*.json') ?: []);
foreach ($jobs as $job) {
    $sizing = Sizing::of($files->brief($files->decode((string) file_get_contents(__DIR__."/../core/data/jobs/{$job}.lampthread.json"))), $shelf);
    $rates = new FailureRates($sizing->circuit);
    $table = FaultTables::of($sizing, $shelf, $rates);
    $lamp = new LampReading([$sizing->circuit], $sizing->brief->supply->systemV);
    $walk = new Walk($table, $lamp, Tool::cases());
    [$count, $found, $tests, $allowed, $weights, $own, $relay, $code, $sampled] = [0, 0, 0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
    foreach (Symptom::cases() as $symptom) {
        $causes = array_values(array_filter(array_keys($table->causes), static fn (int $at): bool => $table->shows($at, $symptom)));
        $places = count(array_unique(array_map(static fn (int $at): string => $table->causes[$at]->place(), $causes)));
        foreach ($causes as $number => $at) {
            $way = $walk->toFault($at, [$symptom]);
            $count++;
            $tests += count($way['answers']);
            $allowed += log($places, 2) + 2;
            $found += (new Trail($table, $lamp, [$symptom], $way['answers'], []))->places()[0]->id === $table->causes[$at]->place() ? 1 : 0;
            $weight = $table->causes[$at]->weight;
            $weights += $weight;
            $own += $weight * $way['minutes'];
            // A habit is slow to play: every seventh fault of each complaint stands for all.
            if ($number % 7 === 0) {
                $sampled += $weight;
                $relay += $weight * $minutesOf($table, $lamp, $walk, $at, $symptom, $habit($table, $relayFirst));
                $code += $weight * $minutesOf($table, $lamp, $walk, $at, $symptom, $habit($table, $codeFirst));
            }
        }
    }
    $stateMs = $median(static fn () => (new Solver($sizing->circuit))->settle($table->situations['rest']->conditions), RUNS);
    $tableMs = $median(static fn () => FaultTables::of($sizing, $shelf, $rates), RUNS);
    $nextMs = $median(static fn () => (new Trail($table, $lamp, [Symptom::Overheats], [], Tool::usual()))->next(), RUNS);
    printf(
        "%-24s %4d of %4d found, %.2f tests (log2 + 2 is %.2f); minutes %.1f, relay first %.1f, code first %.1f; table %6.0f ms, %5.0f states; next test %4.0f ms, %4.0f states\n",
        $job, $found, $count, $tests / $count, $allowed / $count, $own / $weights, $relay / $sampled, $code / $sampled, $tableMs, $tableMs / $stateMs, $nextMs, $nextMs / $stateMs,
    );
}
