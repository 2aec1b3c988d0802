<?php

declare(strict_types=1);

/*
 * The desk at ten, a thousand and ten thousand jobs: a page, a search, a job of five thousand revisions opened. All through the application, the
 * answers presented as they go out. Ratios to the same question at ten jobs.
 *
 *   php -d opcache.enable_cli=1 bench/desk.php
 */

use App\Design\Designs;
use App\Desk\Desk;
use App\Keep\Database;
use App\Models\Job;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

$file = tempnam(sys_get_temp_dir(), 'desk');
putenv("LAMP_DATABASE={$file}");
putenv('CACHE_STORE=file');
$_ENV['LAMP_DATABASE'] = $_SERVER['LAMP_DATABASE'] = $file;
require __DIR__.'/../vendor/autoload.php';
$median = require __DIR__.'/median.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$app->make(Database::class)->open();

$paths = glob(__DIR__.'/../core/data/jobs/*.lampthread.json') ?: [];
$seeds = array_map(static fn (string $path): Job => $app->make(Desk::class)->start((string) file_get_contents($path), 'Seed'), $paths);
foreach ($seeds as $seed) {
    $app->make(Desk::class)->keepProven($seed, $app->make(Designs::class)->of($seed->file()));
}
$words = ['Larkspur', 'Ostwick', 'harvester', 'kiln', 'pump', 'tram', 'sluice', 'mill', 'quarry', 'ferry', 'depot', 'combine', 'barge', 'loader', 'grader'];

/** Copies of the proven demo jobs with words of their own, until there are so many. */
$fill = static function (int $many) use ($seeds, $words): void {
    DB::transaction(static function () use ($many, $seeds, $words): void {
        for ($number = Job::query()->count(); $number < $many; $number++) {
            $seed = $seeds[$number % count($seeds)];
            $id = strtolower((string) Str::ulid());
            $texts = (array) DB::table('job_texts')->where('job_id', $seed->id)->first();
            $title = "{$words[$number % 15]} {$words[intdiv($number, 15) % 15]} {$number}";
            DB::table('jobs')->insert([
                ...(array) DB::table('jobs')->where('id', $seed->id)->first(), 'id' => $id, 'title' => $title,
                'updated_at' => date('Y-m-d H:i:s', 1_760_000_000 + $number * 60),
            ]);
            DB::table('revisions')->insert([
                ...array_diff_key((array) DB::table('revisions')->where('job_id', $seed->id)->first(), ['id' => 0]), 'job_id' => $id,
            ]);
            DB::table('job_texts')->insert([...array_diff_key($texts, ['id' => 0]), 'job_id' => $id, 'title' => $title]);
        }
    });
};
$ask = static fn (string $address): float => $median(static function () use ($app, $address): void {
    $app->forgetScopedInstances();
    if ($app->handle(Request::create("http://127.0.0.1{$address}"))->getStatusCode() !== 200) {
        throw new RuntimeException($address);
    }
}, 21);

$first = [];
foreach ([10, 1000, 10_000] as $many) {
    $fill($many);
    $id = $seeds[0]->id;
    if ($many === 10_000) {
        $revision = array_diff_key((array) DB::table('revisions')->where('job_id', $id)->first(), ['id' => 0]);
        DB::transaction(static function () use ($revision): void {
            foreach (range(2, 5000) as $number) {
                DB::table('revisions')->insert([...$revision, 'number' => $number, 'parent' => $number - 1]);
            }
        });
        DB::table('jobs')->where('id', $id)->update(['head' => 5000]);
    }
    $next = '';
    for ($page = 0; $page < min(20, $many / 50 - 1); $page++) {
        $app->forgetScopedInstances();
        $next = json_decode((string) $app->handle(Request::create("http://127.0.0.1/api/jobs?after={$next}"))->getContent(), true)['next'];
    }
    $questions = [
        'first page' => '/api/jobs', 'a page far down' => "/api/jobs?after={$next}", 'by title' => '/api/jobs?sort=title', 'by state' => '/api/jobs?state=danger',
        'search, one word' => '/api/jobs?search=ferry', 'search, two starts' => '/api/jobs?search=barg%20qua', 'search, a common part' => '/api/jobs?search=blade',
        'job opened' => "/api/jobs/{$id}", 'its revisions' => "/api/jobs/{$id}/revisions", 'shelf' => '/api/shelf',
    ];
    foreach ($questions as $what => $address) {
        $milliseconds = $ask($address);
        $first[$what] ??= $milliseconds;
        printf("%6d jobs  %-24s %7.1f ms  %5.1f of the first\n", $many, $what, $milliseconds, $milliseconds / $first[$what]);
    }
}
foreach (['', '-wal', '-shm'] as $ending) {
    @unlink($file.$ending);
}
