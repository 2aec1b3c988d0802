<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

/** Means of rows that follow each other, so many to a bucket that never more than some thousand are kept, however long the log is. */
final class LogBuckets
{
    private const MOST = 4096;

    /** Rows further apart than this never share a bucket, s. */
    private const APART_S = 5.0;

    private int $rowsInBucket = 1;

    private int $rows = 0;

    /** @var array<int, float> rows of each bucket */
    private array $counts = [];

    /** @var array<int, float> sums of their times, s */
    private array $times = [];

    /** @var array<int, array<int, float>> by channel, then bucket */
    private array $sums;

    /** @var array<int, array<int, float>> values that were there */
    private array $known;

    /** @var array<int, int> by channel */
    private array $filled;

    private float $lastS = -INF;

    public function __construct(private readonly int $channels)
    {
        $this->sums = array_fill(0, $channels, []);
        $this->known = array_fill(0, $channels, []);
        $this->filled = array_fill(0, $channels, 0);
    }

    /** @param  list<float|null>  $values */
    public function add(float $timeS, array $values): void
    {
        $this->rows++;
        $at = count($this->counts) - 1;
        if ($at < 0 || $this->counts[$at] >= $this->rowsInBucket || $timeS - $this->lastS > self::APART_S) {
            if (count($this->counts) >= self::MOST) {
                $this->halve();
            }
            $at = count($this->counts);
            $this->counts[] = 0.0;
            $this->times[] = 0.0;
            for ($channel = 0; $channel < $this->channels; $channel++) {
                $this->sums[$channel][] = 0.0;
                $this->known[$channel][] = 0.0;
            }
        }
        $this->lastS = $timeS;
        $this->counts[$at]++;
        $this->times[$at] += $timeS;
        foreach ($values as $channel => $value) {
            if ($value !== null) {
                $this->sums[$channel][$at] += $value;
                $this->known[$channel][$at]++;
                $this->filled[$channel]++;
            }
        }
    }

    /** @return array{list<float>, list<list<float|null>>, int, array<int, int>} times, channels, rows, and how many of them each channel has a value in */
    public function finished(): array
    {
        $timesS = array_map(static fn (float $sum, float $count): float => $sum / $count, $this->times, $this->counts);
        $columns = array_map(static fn (array $sums, array $known): array => array_map(
            static fn (float $sum, float $count): ?float => $count === 0.0 ? null : $sum / $count, $sums, $known,
        ), $this->sums, $this->known);
        $fromS = $timesS[0] ?? 0.0;
        $rising = [];
        $lastS = -INF;
        foreach ($timesS as $at => $timeS) {
            // A logger that writes whole seconds has rows at the same time.
            if ($timeS > $lastS) {
                $rising[] = $at;
                $lastS = $timeS;
            }
        }
        $picked = array_flip($rising);

        return [
            array_map(static fn (int $at): float => $timesS[$at] - $fromS, $rising),
            array_map(static fn (array $column): array => array_values(array_intersect_key($column, $picked)), $columns),
            $this->rows,
            $this->filled,
        ];
    }

    /** Two and two become one. */
    private function halve(): void
    {
        $this->rowsInBucket *= 2;
        $this->counts = self::paired($this->counts);
        $this->times = self::paired($this->times);
        $this->sums = array_map(self::paired(...), $this->sums);
        $this->known = array_map(self::paired(...), $this->known);
    }

    /**
     * @param  array<int, float>  $values
     * @return array<int, float>
     */
    private static function paired(array $values): array
    {
        return array_map(static fn (array $pair): float => $pair[0] + ($pair[1] ?? 0.0), array_chunk($values, 2));
    }
}
