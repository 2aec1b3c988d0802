<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Vehicles built from the cut list and solved by ngspice, with what a workshop meets, and persons who err: a place is named where it was measured,
 * and hardly ever wrongly. Bounds leave room for so few vehicles: `bench/vehicle.php 40` has the figures they are drawn from.
 */
final class VehicleWalksTest extends TestCase
{
    private const OF_EACH_JOB = 1;

    /** With a seed of its own, as `bin/test --long` has it: a thousand walks over all sets. */
    private const OF_EACH_JOB_LONG = 21;

    /**
     * @param  float  $right  share that is to be named rightly, or told as where to look when it is back, at the least
     * @param  float  $wrong  share that may be named wrongly, at the most
     * @param  int  $jobs  of so many jobs, unless there is a seed: what comes and goes is looked for long
     */
    #[TestWith(['one', 0.9, 0.05])]
    #[TestWith(['joints', 0.85, 0.05])]
    #[TestWith(['sound', 0.8, 0.0])]
    #[TestWith(['impossible', 0.7, 0.05])]
    #[TestWith(['wrong', 0.75, 0.12])]
    #[TestWith(['intermittent', 0.45, 0.4, 2])]
    #[TestWith(['two', 0.45, 0.3, 2])]
    #[TestWith(['socket', 0.9, 0.05])]
    public function test_a_place_is_named_where_it_was_measured(string $set, float $right, float $wrong, int $jobs = 4): void
    {
        $walks = new VehicleWalks($set, 1 + (int) getenv('LAMP_SEED'));
        $paths = glob(dirname(Orchard::PATH).'/*.json') ?: [];
        foreach (getenv('LAMP_SEED') === false ? array_slice($paths, -$jobs) : $paths as $path) {
            for ($number = 0; $number < (getenv('LAMP_SEED') === false ? self::OF_EACH_JOB : self::OF_EACH_JOB_LONG); $number++) {
                $walks->walk(basename($path, '.lampthread.json'));
            }
        }

        foreach ($set === 'one' || $set === 'impossible' ? VehicleWalks::reliability($walks->named) : [] as $bin) {
            // Within what so few walks let one see: a thousand of them, as `bin/test --long` takes, come within three points.
            self::assertGreaterThan($bin['said'] - 0.03 - 3 * sqrt(0.05 / $bin['count']), $bin['right'], "named at {$bin['from']}");
        }
        self::assertLessThanOrEqual($wrong * $walks->count, count($walks->wrong), implode("\n", $walks->wrong));
        self::assertGreaterThanOrEqual($right, ($walks->right + $walks->whenBack) / $walks->count, implode("\n", $walks->open));
    }
}
