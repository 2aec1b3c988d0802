<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** The order of tests that takes least on average until one place is left, found by trying every one (dynamic programming over what is left). */
final class ExactSearch
{
    /** @var array<string, float> what is left and the situation to the least minutes, weighed by shares */
    private array $least = [];

    /**
     * @param  list<Test>  $tests
     * @param  list<array{string, float}>  $atoms  place and share
     * @param  list<list<int>>  $outcomes  test to outcome of each atom
     */
    public function __construct(private readonly FaultTable $table, private readonly array $tests, private readonly array $atoms, private readonly array $outcomes) {}

    /** @return int|null place of the test to begin with; null where none parts anything */
    public function first(?string $situation): ?int
    {
        $best = null;
        $least = INF;
        foreach (array_keys($this->tests) as $test) {
            $minutes = $this->minutesWith($test, array_keys($this->atoms), $situation);
            if ($minutes < $least - 1e-9) {
                [$best, $least] = [$test, $minutes];
            }
        }

        return $best;
    }

    /** Minutes until one place is left, or no test parts what is, on average over all atoms. */
    public function minutes(?string $situation): float
    {
        return $this->least(array_keys($this->atoms), $situation);
    }

    /** @param  list<int>  $left */
    private function minutesWith(int $test, array $left, ?string $situation): float
    {
        $parts = [];
        $share = 0.0;
        foreach ($left as $atom) {
            $parts[$this->outcomes[$test][$atom]][] = $atom;
            $share += $this->atoms[$atom][1];
        }
        if (count($parts) < 2) {
            return INF;
        }
        $minutes = $share * Trail::minutesFrom($this->table, $situation, $this->tests[$test]);
        foreach ($parts as $part) {
            $minutes += $this->least($part, $this->tests[$test]->situation ?? $situation);
        }

        return $minutes;
    }

    /** @param  list<int>  $left */
    private function least(array $left, ?string $situation): float
    {
        $key = "{$situation}:".implode(',', $left);
        if (! isset($this->least[$key])) {
            $places = [];
            foreach ($left as $atom) {
                $places[$this->atoms[$atom][0]] = true;
            }
            $least = count($places) < 2 ? 0.0 : INF;
            foreach ($least === 0.0 ? [] : array_keys($this->tests) as $test) {
                $least = min($least, $this->minutesWith($test, $left, $situation));
            }
            // What no test parts is mended without being told apart.
            $this->least[$key] = is_infinite($least) ? 0.0 : $least;
        }

        return $this->least[$key];
    }
}
