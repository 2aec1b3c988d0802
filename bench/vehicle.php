<?php

declare(strict_types=1);

use LampThread\Tests\Diagnosis\VehicleWalks;

// Vehicles built from the cut list and solved by ngspice, looked at until a place is named or no test tells any more: how often the name is right,
// and wrong; and how often what was named at a share was right (a thousand walks take half an hour).
//   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/vehicle.php [of each job] [seed]

require __DIR__.'/../vendor/autoload.php';

ini_set('memory_limit', '1G');

$named = [];
foreach (VehicleWalks::SETS as $set) {
    $walks = new VehicleWalks($set, (int) ($argv[2] ?? 1));
    foreach (glob(__DIR__.'/../core/data/jobs/*.json') ?: [] as $path) {
        for ($number = 0; $number < (int) ($argv[1] ?? 10); $number++) {
            $walks->walk(basename($path, '.lampthread.json'));
        }
    }
    $percent = static fn (int $count): float => 100 * $count / $walks->count;
    printf(
        "%-13s %4d vehicles: named rightly %3.0f %%, to be looked at when it is back %3.0f %%, wrongly %3.0f %%; right one likeliest %3.0f %%; %.1f tests\n",
        $set, $walks->count, $percent($walks->right), $percent($walks->whenBack), $percent(count($walks->wrong)), $percent($walks->likeliest),
        $walks->tests / $walks->count,
    );
    // Who is lied to, what is there at some tests only, and two faults at once are another matter.
    $named = in_array($set, ['wrong', 'intermittent', 'two'], true) ? $named : [...$named, ...$walks->named];
}
foreach (VehicleWalks::reliability($named) as $bin) {
    printf("named at %2.0f %% and more: %4d, sure to %5.1f %% on average, right %5.1f %%\n", 100 * $bin['from'], $bin['count'], 100 * $bin['said'], 100 * $bin['right']);
}
