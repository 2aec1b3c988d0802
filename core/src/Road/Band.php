<?php

declare(strict_types=1);

namespace LampThread\Road;

/** One drive driven by many vehicles that may all be this one: how far apart they come out. */
final class Band
{
    /** Points of time a band is drawn at. */
    private const POINTS = 90;

    /** Shares of the cases that lie below the lower and the upper edge. */
    public const LOW = 0.05;

    public const HIGH = 0.95;

    /** @var list<float> s */
    public readonly array $timesS;

    /** @var list<SimulationResult> without their samples */
    private array $results = [];

    /** @var list<list<float>> by time, the coolant of each case, °C */
    private array $coolantC;

    public function __construct(Drive $drive)
    {
        $this->timesS = array_map(static fn (int $at): float => $drive->lastS() * $at / (self::POINTS - 1), range(0, self::POINTS - 1));
        $this->coolantC = array_fill(0, self::POINTS, []);
    }

    public function add(SimulationResult $result): void
    {
        $sample = 0;
        $last = count($result->samples) - 1;
        foreach ($this->timesS as $at => $timeS) {
            while ($sample < $last && $result->samples[$sample + 1]->timeS <= $timeS) {
                $sample++;
            }
            $this->coolantC[$at][] = $result->samples[$sample]->coolantC;
        }
        $this->results[] = $result->withoutSamples();
    }

    public function count(): int
    {
        return count($this->results);
    }

    /** @return list<float> coolant that so much of the cases lie below, °C, by time */
    public function edgeC(float $share): array
    {
        return array_map(static fn (array $values): float => self::quantile($values, $share), $this->coolantC);
    }

    /**
     * What so much of the cases lie below.
     *
     * @param  \Closure(SimulationResult): float  $figure
     */
    public function below(\Closure $figure, float $share): float
    {
        return self::quantile(array_map($figure, $this->results), $share);
    }

    /** @param  \Closure(SimulationResult): bool  $holds */
    public function share(\Closure $holds): float
    {
        return count(array_filter($this->results, $holds)) / max(1, count($this->results));
    }

    /**
     * In what share of the cases another setting, driven by the same vehicles, has less of a figure, and in what share more.
     *
     * @param  \Closure(SimulationResult): float  $figure
     * @param  float  $sameWithin  closer than this is the same
     * @return array{float, float}
     */
    public function against(self $other, \Closure $figure, float $sameWithin): array
    {
        $less = $more = 0;
        $cases = min($this->count(), $other->count());
        for ($case = 0; $case < $cases; $case++) {
            $by = $figure($other->results[$case]) - $figure($this->results[$case]);
            $less += $by < -$sameWithin ? 1 : 0;
            $more += $by > $sameWithin ? 1 : 0;
        }

        return [$less / max(1, $cases), $more / max(1, $cases)];
    }

    /** @param  list<float>  $values */
    private static function quantile(array $values, float $share): float
    {
        sort($values);
        $at = $share * (count($values) - 1);
        $below = (int) floor($at);

        return $values[$below] + ($at - $below) * ($values[min(count($values) - 1, $below + 1)] - $values[$below]);
    }
}
