<?php

declare(strict_types=1);

/** Milliseconds the work takes, the median of some runs after one that is not counted. */
return static function (callable $work, int $runs): float {
    $work();
    $times = [];
    for ($run = 0; $run < $runs; $run++) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[intdiv($runs, 2)];
};
