<?php

declare(strict_types=1);

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
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

/** @return list<Test> “relay, fuse, feed, earth, trigger, plug, motor”, then whatever is left, where everything is asked for */
$habit = static function (FaultTable $table, Circuit $circuit, bool $isCodeFirst): array {
    $asked = array_values(array_filter(
        array_keys($table->situations), static fn (string $id): bool => str_starts_with($id, 'rest+') || str_starts_with($id, 'hot-'),
    ))[0] ?? 'rest';
    $relays = array_map(static fn (Relay $relay): string => $relay->id, $circuit->each(Relay::class));
    $fans = array_map(static fn (FanMotor $motor): string => $motor->id, $circuit->each(FanMotor::class));
    $of = static fn (TestKind ...$kinds): array => array_keys(array_filter($table->tests, static fn (Test $test): bool => in_array($test->kind, $kinds, true)
        && ($test->situation === null || $test->situation === $asked)));
    $volts = static fn (array $parts, string ...$terminals): array => array_merge(...array_map(
        static fn (string $part): array => array_map(static fn (string $terminal): string => "volts/{$asked}/{$part}:{$terminal}", $terminals), $parts,
    ), ...[[]]);
    $order = [
        ...($isCodeFirst ? $of(TestKind::Scan) : []), ...$of(TestKind::Swap), ...$of(TestKind::Pull), ...$volts($relays, '30'), ...$volts($fans, '-'),
        ...$volts($relays, '86', '85'),
        ...$volts($fans, '+'), ...$of(TestKind::Feed), ...$of(TestKind::Look, TestKind::Listen, TestKind::Turn, TestKind::Renew, TestKind::Cooling, TestKind::Sensor),
        ...$of(TestKind::Volts), ...$of(TestKind::Along, TestKind::WarmUp),
    ];

    return array_values(array_filter(array_map(static fn (string $id): ?Test => $table->tests[$id] ?? null, array_values(array_unique($order)))));
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
                $relay += $weight * $minutesOf($table, $lamp, $walk, $at, $symptom, $habit($table, $sizing->circuit, false));
                $code += $weight * $minutesOf($table, $lamp, $walk, $at, $symptom, $habit($table, $sizing->circuit, true));
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
