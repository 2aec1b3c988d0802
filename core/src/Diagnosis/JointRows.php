<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** One bad joint at every size it is solved for, the least first: what a size shows stands for all halfway to its neighbours. */
final class JointRows
{
    /** @var list<Solution> */
    private array $solutions = [];

    /** @var list<array<string, float>> what is measured of each, by column */
    private array $numbers = [];

    public function __construct(private readonly TestSet $tests) {}

    public function add(Solution $solution): void
    {
        $this->solutions[] = $solution;
        $this->numbers[] = $this->tests->numbers($solution->points);
    }

    public function addTo(FaultRows $rows): void
    {
        foreach ($this->solutions as $at => $solution) {
            $rows->addRead($solution, $this->numbers[$at], $this->halves($at));
        }
    }

    /** @return array<string, float> column to how far what it shows may lie to either side */
    private function halves(int $at): array
    {
        $halves = [];
        foreach ([$at - 1, $at + 1] as $next) {
            foreach (isset($this->solutions[$next]) ? $this->tests->measurements : [] as $situation => $measurements) {
                // Where another relay is in, or another fan turns, there is nothing in between.
                if ($this->standsAs($at, $next, $situation)) {
                    foreach (array_keys($measurements) as $column) {
                        $halves[$column] = max($halves[$column] ?? 0.0, abs($this->numbers[$at][$column] - $this->numbers[$next][$column]) / 2);
                    }
                }
            }
        }

        return $halves;
    }

    private function standsAs(int $at, int $next, string $situation): bool
    {
        $here = $this->solutions[$at]->behaviour->at($situation);
        $there = $this->solutions[$next]->behaviour->at($situation);
        $turning = static fn (string $fan): array => [$here->runs($fan), $there->runs($fan)];

        return $here->relays === $there->relays && array_filter(array_map($turning, array_keys($here->speedShares)), static fn (array $both): bool => $both[0] !== $both[1]) === [];
    }
}
