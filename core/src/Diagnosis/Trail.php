<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Which causes are left after what was seen and tested (Bayes), what to test next, and which answer to doubt. */
final class Trail
{
    /** Below this share a place is no possibility any more. */
    public const LEAST_SHARE = 0.005;

    /** Below this share a cause does not count in what is tested next. */
    public const COUNTS_SHARE = 1e-3;

    /** From this share on it is the fault, where a test has told it from a sound vehicle. */
    private const FOUND_SHARE = 0.93;

    /** From this share on nothing is wrong today: nobody renews anything for it. */
    private const SOUND_SHARE = 0.88;

    /** What it must still have were any one number not read. */
    private const FIRM_SHARE = 0.1;

    /** The same of what is seen, felt or heard, which is told wrongly more often than a number is read wrongly. */
    private const FIRM_SEEN_SHARE = 0.3;

    /** The same where something put in has mended it. */
    private const CURED_SHARE = 0.15;

    /** A test tells two causes apart where its answer is so many times as likely with the one. */
    private const TELLS_APART = 12.0;

    /** A test that tells less is not worth its trouble, bit. */
    public const LEAST_BITS = 0.02;

    /** What a test of the part itself is worth before others that confirm as well. */
    private const OWN_TEST_WORTH = 0.5;

    /** An answer is doubted that is as unlikely as a wrong one. */
    public const DOUBT_FROM = 2 * Reading::WRONG;

    /** @var list<int> causes that still count, of the table: those that contradict fewest answers */
    public readonly array $alive;

    private readonly Odds $odds;

    /** @var array<int, float> by cause; what is missing to 1 is in no table */
    public readonly array $shares;

    /** Of all that is likely, what comes and goes, from which on a test is worth doing once more. */
    private const RESTLESS_SHARE = 0.5;

    /** The same test is done so often at most. */
    private const MOST_TIMES = 3;

    /** @var array<int, float> by cause, of its share what is there at some tests only */
    public readonly array $fleeting;

    /** @var array<string, int> tests that were done or passed over, and how often */
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
        $this->odds = $this->weighed($seen, $answers);
        $shares = $this->odds->shares();
        $this->shares = $shares;
        $this->fleeting = $this->odds->fleetingShares();
        $counting = array_filter($shares, static fn (float $share): bool => $share > self::COUNTS_SHARE);
        $misses = $this->odds->misses;
        $fewest = min([PHP_INT_MAX, ...array_intersect_key($misses, $counting)]);
        $fitting = array_keys(array_filter($counting, static fn (int $cause): bool => $misses[$cause] === $fewest, ARRAY_FILTER_USE_KEY));
        // Where one place alone fits, it is what fits less well that is left to be told from it.
        $places = array_unique(array_map(static fn (int $cause): string => $table->causes[$cause]->place(), $fitting));
        $this->alive = count($places) > 1 && ! $this->isRestless() ? $fitting : array_keys($counting);
        $done = [];
        foreach ($answers as $answer) {
            $done[$answer->test->id()] = ($done[$answer->test->id()] ?? 0) + ($answer->value === null ? self::MOST_TIMES : 1);
        }
        $this->done = $done;
    }

    /** @return list<Place> the likeliest first */
    public function places(): array
    {
        return $this->ranked($this->shares);
    }

    /**
     * @param  array<int, float>  $ofCauses
     * @return list<Place>
     */
    private function ranked(array $ofCauses): array
    {
        $shares = [];
        $best = [];
        foreach ($ofCauses as $cause => $share) {
            $place = $this->table->causes[$cause]->place();
            $shares[$place] = ($shares[$place] ?? 0.0) + $share;
            if (! isset($best[$place]) || $share > $ofCauses[$best[$place]]) {
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

    /** The fault, once it is found: nothing else is left, it was measured or tried, and no one answer alone says so; null before. */
    public function found(): ?Place
    {
        $likeliest = $this->places()[0];

        if ($likeliest->likeliest->isNone()) {
            return $likeliest->share >= self::SOUND_SHARE ? $likeliest : null;
        }

        return $likeliest->share >= self::FOUND_SHARE && $this->isFirm($likeliest) ? $likeliest : null;
    }

    private function isFirm(Place $place): bool
    {
        return $this->isTold($this->likeliest()) && $this->carrying($place) === null;
    }

    /** What has cured it is its proof, and nothing is as it was before. */
    private function isCured(): bool
    {
        return array_filter($this->answers, static fn (Answer $answer): bool => $answer->cures()) !== [];
    }

    /** How likely it is something that is in no table. */
    public function unlistedShare(): float
    {
        return $this->odds->unlisted / $this->odds->sum();
    }

    /** Whether a place is more likely there at some tests only. */
    public function comesAndGoes(Place $place): bool
    {
        $lasting = 0.0;
        $fleeting = 0.0;
        foreach ($this->table->causes as $at => $cause) {
            if ($cause->place() === $place->id) {
                $lasting += $this->odds->lasting[$at];
                $fleeting += $this->odds->fleeting[$at];
            }
        }

        return $fleeting > $lasting;
    }

    /** Whether what comes and goes is most of what is left: then a test may show today what it did not show before. */
    public function isRestless(): bool
    {
        return array_sum($this->fleeting) > self::RESTLESS_SHARE;
    }

    /** @return list<Place> where it is when it comes and goes, the likeliest first */
    public function fleetingPlaces(): array
    {
        return $this->ranked($this->fleeting);
    }

    /** Whether an answer tells a cause from a sound vehicle: what is only left over is not found. */
    private function isTold(int $cause): bool
    {
        $none = $this->table->soundCauses()[$this->table->causes[$cause]->subject] ?? null;
        foreach ($this->answers as $answer) {
            if ($none === null || $this->likelihood($answer, $cause) > self::TELLS_APART * $this->likelihood($answer, $none)) {
                return true;
            }
        }

        return false;
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
        // What is away by now has shown whatever it was told of.
        $isMissed = ! $this->table->causes[$likeliest]->isNone() && ! $this->showsAll($likeliest);
        foreach ($this->answers as $answer) {
            $isMissed = $isMissed || $this->likelihood($answer, $likeliest) < self::DOUBT_FROM;
        }
        if (! $isMissed) {
            return null;
        }
        $doubted = null;
        $most = $this->odds->sum() * 2;
        foreach ($this->answers as $at => $answer) {
            $without = $this->without($at)->sum();
            // Where it comes and goes, both of two answers of one test may be right.
            $mayBeBoth = $this->isRestless() && $this->done[$answer->test->id()] > 1;
            if ($answer->value !== null && $without > $most && ! $mayBeBoth) {
                [$doubted, $most] = [Doubt::ofAnswer($answer), $without];
            }
        }
        foreach (count($this->seen) > 1 ? $this->seen : [] as $at => $symptom) {
            $without = $this->weighed(array_values(array_diff_key($this->seen, [$at => 1])), $this->answers)->sum();
            if ($without > $most) {
                [$doubted, $most] = [Doubt::ofSymptom($symptom), $without];
            }
        }

        return $doubted;
    }

    /** @return list<NextTest> what could be done next, what finds the fault soonest first */
    public function next(): array
    {
        $planner = new Planner($this, $this->situation());
        $proof = $this->proof();
        $ranked = $planner->ranked($this->offered());

        return $proof === null ? $ranked : [$planner->one($proof), ...array_values(array_filter($ranked, static fn (NextTest $next): bool => $next->test !== $proof))];
    }

    /**
     * What is all but found lacks its proof: the answer it hangs on once more, or another test that must show it too. An answer that contradicts the
     * rest is asked again itself.
     */
    private function proof(): ?Test
    {
        $doubted = $this->doubted()?->answer?->test;
        if ($doubted !== null && $this->done[$doubted->id()] < self::MOST_TIMES - 1) {
            return $doubted;
        }
        $place = $this->places()[0];
        if ($place->share < self::FOUND_SHARE) {
            return null;
        }
        $carrying = $this->carrying($place);

        return $carrying === null || $this->done[$carrying->id()] >= self::MOST_TIMES ? $this->confirming()?->test : $carrying;
    }

    /** Why a test is done once more; null for one that was not done yet. */
    public function again(Test $test): ?Again
    {
        return match (true) {
            ! isset($this->done[$test->id()]) => null,
            $this->isRestless() => Again::ComesAndGoes,
            $this->doubted()?->answer?->test === $test => Again::Contradicts,
            default => Again::Decides,
        };
    }

    /** The test whose answer alone says that it is there; null where no one answer does. */
    private function carrying(Place $place): ?Test
    {
        $carrying = null;
        $least = 1.0;
        foreach ($this->answers as $at => $answer) {
            $needed = match (true) {
                $this->isCured() => self::CURED_SHARE,
                $answer->test->kind->isNumber() => self::FIRM_SHARE,
                default => self::FIRM_SEEN_SHARE,
            };
            $share = $this->shareOf($place->id, $this->without($at)->shares()) / $needed;
            if ($share < $least) {
                [$carrying, $least] = [$answer->test, $share];
            }
        }

        return $carrying;
    }

    /** @param  array<int, float>  $shares  by cause */
    private function shareOf(string $place, array $shares): float
    {
        return array_sum(array_filter($shares, fn (int $cause): bool => $this->table->causes[$cause]->place() === $place, ARRAY_FILTER_USE_KEY));
    }

    /** What must then be true too, where it is the cause that is likeliest: a test not yet done, and what it then shows. */
    public function confirming(): ?Answer
    {
        if ($this->isCured()) {
            return null;
        }
        // Another instrument on the same spot would only say the same again.
        $read = array_map(static fn (Answer $answer): string => $answer->test->column(), $this->answers);
        $before = $this->weighed($this->seen, [])->shares();
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

    /** @return list<Test> with what is at hand, not done yet; of what comes and goes some that were done too */
    public function offered(): array
    {
        $times = $this->isRestless() ? self::MOST_TIMES : 1;

        return array_values(array_filter($this->table->tests, fn (Test $test): bool => $this->isAtHand($test)
            && ($this->done[$test->id()] ?? 0) < ($test->kind->showsAlways() ? 1 : $times)));
    }

    /** Whether what it takes is at hand: for itself, and to bring its situation about. */
    private function isAtHand(Test $test): bool
    {
        $isCommanded = $test->situation !== null && $this->table->situations[$test->situation]->needsScanTool;

        return in_array($test->kind->tool(), $this->tools, true) && (! $isCommanded || in_array(Tool::ScanTool, $this->tools, true));
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
    private function weighed(array $seen, array $answers): Odds
    {
        return Odds::of($this->table, $this->shown(...), $seen, $answers);
    }

    /** Were one answer not given. */
    private function without(int $at): Odds
    {
        return $this->weighed($this->seen, array_values(array_diff_key($this->answers, [$at => 1])));
    }
}
