<?php

declare(strict_types=1);

namespace LampThread\Scenario;

use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Fault\Open;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;

/**
 * Follows faults to their end: what is broken is solved, the fuse that must open first opens, and what is left is solved again, until all hold.
 * Where feeds are joined, the next fuse gets what the first has let go of. The one place where one thing fails and then another.
 */
final readonly class Courses
{
    public function __construct(private Limits $limits, private Solver $solver) {}

    /**
     * @param  OperatingPoint  $before  the state in which they happen
     * @param  Faults  $faults  with those there were before
     * @param  float  $lastsS  how long they last, s
     */
    public function of(OperatingPoint $before, Faults $faults, float $lastsS = INF): Course
    {
        $atOnce = $final = $this->solver->breakIn($before, $before->conditions->withFaults($faults));
        $opened = [];
        $burnsWithin = null;
        $withinS = 0.0;
        while (($opens = $this->limits->opens($final)) !== null && $withinS + $opens[1] <= $lastsS) {
            [$fuse, $seconds] = $opens;
            $withinS += $seconds;
            $opened[$fuse] = $withinS;
            $burns = $this->limits->burnsWithin($seconds, $final, $before);
            $burnsWithin ??= $burns === null ? null : [...$burns, $withinS];
            $faults = $faults->and($fuse, new Open);
            $final = $this->solver->breakIn($final, $before->conditions->withFaults($faults));
        }

        return new Course($atOnce, $final, $opened, $burnsWithin);
    }
}
