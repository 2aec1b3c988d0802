<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Which causes are left after what was seen and tested (Bayes), what to test next, and which answer to doubt. */
final class Trail
{
    /** How often people tell of something that is not so (common practice, no source). */
    private const WRONGLY_TOLD = 0.0008;

    /** Below this share a place is no possibility any more. */
    public const LEAST_SHARE = 0.005;

    /** Below this share a cause does not count in what is tested next. */
    private const COUNTS_SHARE = 1e-3;

    /** From this share on it is the fault. */
    private const FOUND_SHARE = 0.94;

    /** The same where it fits all that was told and answered, and nothing else does. */
    private const SOLE_SHARE = 0.8;

    /** A test that tells less is not worth its trouble, bit. */
    public const LEAST_BITS = 0.02;

    /** What a test of the part itself is worth before others that confirm as well. */
    private const OWN_TEST_WORTH = 0.5;

    /** An answer is doubted that is as unlikely as a wrong one. */
    private const DOUBT_FROM = 2 * Reading::WRONG;

    /** @var list<int> causes that still count, of the table: those that contradict fewest answers */
    public readonly array $alive;

    /** How much of what was told and answered the best of them contradict. */
    private readonly int $fewestMisses;

    /** @var array<int, float> by cause, 1 in all */
    public readonly array $shares;

    /** @var array<string, true> tests that were done or passed over */
    private readonly array $done;

    /**
     * @param  list<Symptom>  $seen  at least one
     * @param  list<Answer>  $answers  the first first
     * @param  list<Tool>  $tools  at hand
     */
    public function __construct(
        public readonly FaultTable $table,
        private readonly LampReading $lamp,
        private readonly array $seen,
        private readonly array $answers,
        private readonly array $tools,
    ) {
        [$weights, $misses] = $this->weights($seen, $answers);
        $sum = array_sum($weights);
        $shares = array_map(static fn (float $weight): float => $weight / $sum, $weights);
        $this->shares = $shares;
        $counting = array_filter($shares, static fn (float $share): bool => $share > self::COUNTS_SHARE);
        $fewest = min([PHP_INT_MAX, ...array_intersect_key($misses, $counting)]);
        $this->fewestMisses = $fewest;
        $this->alive = array_keys(array_filter($counting, static fn (int $cause): bool => $misses[$cause] === $fewest, ARRAY_FILTER_USE_KEY));
        $done = [];
        foreach ($answers as $answer) {
            $done[$answer->test->id()] = true;
        }
        $this->done = $done;
    }

    /** @return list<Place> the likeliest first */
    public function places(): array
    {
        $shares = [];
        $best = [];
        foreach ($this->shares as $cause => $share) {
            $place = $this->table->causes[$cause]->place();
            $shares[$place] = ($shares[$place] ?? 0.0) + $share;
            if (! isset($best[$place]) || $share > $this->shares[$best[$place]]) {
                $best[$place] = $cause;
            }
        }
        arsort($shares);
        $places = [];
        foreach ($shares as $place => $share) {
            $places[] = new Place((string) $place, $share, $this->table->causes[$best[$place]]);
        }

        return $places;
    }

    /** The fault, once it is found; null before. */
    public function found(): ?Place
    {
        $likeliest = $this->places()[0];
        $left = array_unique(array_map(fn (int $cause): string => $this->table->causes[$cause]->place(), $this->alive));
        $least = $this->fewestMisses === 0 && $left === [$likeliest->id] ? self::SOLE_SHARE : self::FOUND_SHARE;

        return $likeliest->share >= $least ? $likeliest : null;
    }

    /** Whether anything known shows all that is told; where not, the causes are those that show most of it. */
    public function isExplained(): bool
    {
        foreach (array_keys($this->table->causes) as $cause) {
            if ($this->showsAll($cause)) {
                return true;
            }
        }

        return false;
    }

    /** What contradicts the rest most: without it the rest fits far better. Null where nothing contradicts. */
    public function doubted(): ?Doubt
    {
        $likeliest = $this->likeliest();
        $isMissed = ! $this->showsAll($likeliest);
        foreach ($this->answers as $answer) {
            $isMissed = $isMissed || $this->likelihood($answer, $likeliest) < self::DOUBT_FROM;
        }
        if (! $isMissed) {
            return null;
        }
        $doubted = null;
        $most = $this->evidence($this->seen, $this->answers) * 2;
        foreach ($this->answers as $at => $answer) {
            $without = $this->evidence($this->seen, array_values(array_diff_key($this->answers, [$at => 1])));
            if ($answer->value !== null && $without > $most) {
                [$doubted, $most] = [Doubt::ofAnswer($answer), $without];
            }
        }
        foreach (count($this->seen) > 1 ? $this->seen : [] as $at => $symptom) {
            $without = $this->evidence(array_values(array_diff_key($this->seen, [$at => 1])), $this->answers);
            if ($without > $most) {
                [$doubted, $most] = [Doubt::ofSymptom($symptom), $without];
            }
        }

        return $doubted;
    }

    /** @return list<NextTest> what could be done next, what finds the fault soonest first */
    public function next(): array
    {
        return (new Planner($this, $this->situation()))->ranked($this->offered());
    }

    /** What must then be true too, where it is the cause that is likeliest: a test not yet done, and what it then shows. */
    public function confirming(): ?Answer
    {
        // What has cured it is its proof, and nothing is as it was before.
        if (array_filter($this->answers, static fn (Answer $answer): bool => $answer->cures()) !== []) {
            return null;
        }
        // Another instrument on the same spot would only say the same again.
        $read = array_map(static fn (Answer $answer): string => $answer->test->column(), $this->answers);
        $before = $this->weighed($this->seen, []);
        $causes = array_keys(array_filter($before, static fn (float $share): bool => $share > self::COUNTS_SHARE));
        $likeliest = $this->likeliest();
        $place = $this->table->causes[$likeliest]->place();
        $best = null;
        $least = 0.6;
        foreach (array_filter($this->offered(), static fn (Test $test): bool => ! in_array($test->column(), $read, true)) as $test) {
            $outcome = Reading::outcome($test, $this->table->shown($test, [$likeliest])[$likeliest]);
            $others = 0.0;
            foreach ($this->table->groups($test->column(), $causes) as $bytes => $alike) {
                foreach (Reading::outcome($test, $this->table->value($test, (string) $bytes)) === $outcome ? $alike : [] as $cause) {
                    $others += $this->table->causes[$cause]->place() === $place ? 0.0 : $before[$cause];
                }
            }
            // A test of the very part, which shows what no sound one does, proves more than volts beside it.
            $isOfPart = $test->situation === null && $test->spot === $place && $outcome > 0;
            $worth = $others + 0.03 * $this->minutes($test) - ($isOfPart ? self::OWN_TEST_WORTH : 0.0);
            if ($worth < $least && $test->kind !== TestKind::Lamp) {
                [$best, $least] = [new Answer($test, $this->table->shown($test, [$likeliest])[$likeliest]), $worth];
            }
        }

        return $best;
    }

    /** Whether anything was tested yet. */
    public function isBegun(): bool
    {
        return $this->answers !== [];
    }

    /** The situation the vehicle stands in after the last test; null where it is not known. */
    public function situation(): ?string
    {
        foreach (array_reverse($this->answers) as $answer) {
            if ($answer->test->situation !== null && $answer->value !== null) {
                return $answer->test->situation;
            }
        }

        return null;
    }

    /** What a test takes from where the vehicle stands, min. */
    public function minutes(Test $test): float
    {
        return self::minutesFrom($this->table, $this->situation(), $test);
    }

    public static function minutesFrom(FaultTable $table, ?string $situation, Test $test): float
    {
        return $test->minutes + ($test->situation === null || $test->situation === $situation ? 0.0 : $table->situations[$test->situation]->minutes);
    }

    /**
     * What a lamp test shows, solved with the lamp in.
     *
     * @param  list<int>  $causes
     * @return array<int, float> by cause
     */
    public function shown(Test $test, array $causes): array
    {
        if ($test->kind !== TestKind::Lamp) {
            return $this->table->shown($test, $causes);
        }
        $situation = $this->table->situations[(string) $test->situation];
        $shown = [];
        foreach ($this->table->shown($test, $causes) as $cause => $look) {
            // Where there is no voltage without it, there is none with it.
            $shown[$cause] = $look <= 0.0 ? $look : (float) $this->table->lampLook($this->lamp->volts($this->table->causes[$cause], $situation, $test->spot));
        }

        return $shown;
    }

    /** @return list<Test> with what is at hand, not done yet */
    public function offered(): array
    {
        return array_values(array_filter(
            $this->table->tests, fn (Test $test): bool => in_array($test->kind->tool(), $this->tools, true) && ! isset($this->done[$test->id()]),
        ));
    }

    private function likeliest(): int
    {
        $likeliest = 0;
        foreach ($this->shares as $cause => $share) {
            $likeliest = $share > $this->shares[$likeliest] ? $cause : $likeliest;
        }

        return $likeliest;
    }

    private function showsAll(int $cause): bool
    {
        return array_filter($this->seen, fn (Symptom $symptom): bool => ! $this->table->shows($cause, $symptom)) === [];
    }

    private function likelihood(Answer $answer, int $cause): float
    {
        return $answer->value === null ? 1.0 : Reading::likelihood($answer->test, $answer->value, $this->shown($answer->test, [$cause])[$cause]);
    }

    /**
     * @param  list<Symptom>  $seen
     * @param  list<Answer>  $answers
     */
    private function evidence(array $seen, array $answers): float
    {
        return array_sum($this->weights($seen, $answers)[0]);
    }

    /**
     * @param  list<Symptom>  $seen
     * @param  list<Answer>  $answers
     * @return array<int, float> 1 in all
     */
    private function weighed(array $seen, array $answers): array
    {
        [$weights] = $this->weights($seen, $answers);
        $sum = array_sum($weights);

        return array_map(static fn (float $weight): float => $weight / $sum, $weights);
    }

    /**
     * @param  list<Symptom>  $seen
     * @param  list<Answer>  $answers
     * @return array{array<int, float>, array<int, int>} weights by cause, and how much of what was told and answered each contradicts
     */
    private function weights(array $seen, array $answers): array
    {
        $weights = [];
        $misses = [];
        foreach ($this->table->causes as $at => $cause) {
            $missed = count(array_filter($seen, fn (Symptom $symptom): bool => ! $this->table->shows($at, $symptom)));
            $weights[$at] = $cause->weight * self::WRONGLY_TOLD ** $missed;
            $misses[$at] = $missed;
        }
        foreach ($answers as $answer) {
            if ($answer->value !== null) {
                // With the lamp in it is solved only where that still matters.
                $least = self::COUNTS_SHARE * max(0.0, ...$weights);
                $counting = array_keys(array_filter($weights, static fn (float $weight): bool => $weight > $least));
                $shown = $this->shown($answer->test, $counting) + $this->table->shown($answer->test, array_keys($weights));
                foreach ($weights as $at => $weight) {
                    $likelihood = Reading::likelihood($answer->test, $answer->value, $shown[$at]);
                    $weights[$at] = $weight * $likelihood;
                    $misses[$at] += $likelihood < self::DOUBT_FROM ? 1 : 0;
                }
            }
        }

        return [$weights, $misses];
    }
}
