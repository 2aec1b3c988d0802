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
    private const FOUND_SHARE = 0.9;

    /** From this share on nothing is wrong today: nobody renews anything for it. */
    private const SOUND_SHARE = 0.75;

    /** A test that tells less is not worth its trouble, bit. */
    public const LEAST_BITS = 0.02;

    /** An answer is doubted that is as unlikely as a wrong one. */
    public const DOUBT_FROM = 2 * Reading::WRONG;

    /** Of all that is likely, what comes and goes, from which on a test is worth doing once more. */
    private const RESTLESS_SHARE = 0.5;

    /** The same test is done so often at most. */
    private const MOST_TIMES = 3;

    /** @var list<int> causes that still count, of the table: those that contradict fewest answers */
    public readonly array $alive;

    private readonly Story $story;

    private readonly Grounds $grounds;

    private readonly Odds $odds;

    /** @var array<int, float> by cause; what is missing to 1 is in no table */
    public readonly array $shares;

    /** @var array<int, float> by cause, of its share what is there at some tests only */
    public readonly array $fleeting;

    /** @var array<string, int> tests that were done or passed over, and how often */
    private readonly array $done;

    /** What contradicts the rest; false until it is asked for, as every answer is then left out once. */
    private Doubt|false|null $doubted = false;

    /** What must be true too; false until it is asked for, as every test is then looked through. */
    private Answer|false|null $confirming = false;

    /**
     * @param  list<Symptom>  $seen  at least one
     * @param  list<Answer>  $answers  the first first
     * @param  list<Tool>  $tools  at hand
     */
    public function __construct(
        public readonly FaultTable $table,
        LampReading $lamp,
        array $seen,
        private readonly array $answers,
        private readonly array $tools,
    ) {
        $this->story = new Story($table, $lamp, $seen, $answers);
        $this->grounds = new Grounds($this->story);
        $this->odds = $this->story->odds;
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
        return Place::ranked($this->table, $this->shares);
    }

    /** How many places the next test parts: those that fit what was answered as well as any, and are still possible. */
    public function countParted(): int
    {
        return count(array_filter($this->parted(), static fn (float $share): bool => $share > self::LEAST_SHARE));
    }

    /** @return array<string, float> place of a cause that still counts to its share */
    public function parted(): array
    {
        $shares = [];
        foreach ($this->alive as $cause) {
            $place = $this->table->causes[$cause]->place();
            $shares[$place] = ($shares[$place] ?? 0.0) + $this->shares[$cause];
        }

        return $shares;
    }

    /** The fault, once it is found: nothing else is left, it was measured or tried, and no one answer alone says so; null before. */
    public function found(): ?Place
    {
        $places = $this->places();
        $likeliest = $places[0];
        if ($likeliest->likeliest->isNone()) {
            // Sound, or built so: either way nothing is broken.
            $unbroken = array_filter($places, static fn (Place $place): bool => $place->likeliest->isNone());

            return array_sum(array_map(static fn (Place $place): float => $place->share, $unbroken)) >= self::SOUND_SHARE ? $likeliest : null;
        }

        return $likeliest->share >= self::FOUND_SHARE && $this->isFirm($likeliest) && $this->isTried($likeliest) ? $likeliest : null;
    }

    /** Whether an answer tells it from a sound vehicle, and no one answer alone says that it is there, unless that cannot be had once more. */
    private function isFirm(Place $place): bool
    {
        $carrying = $this->grounds->carrying($place);

        return $this->grounds->isTold($this->likeliest()) && ($carrying === null || $this->done[$carrying->id()] >= self::MOST_TIMES);
    }

    /** Whether it was tried itself and showed it, or nothing more at hand tries it and what did says nothing against it. */
    private function isTried(Place $place): bool
    {
        $cause = $this->likeliest();

        return $this->grounds->isTried($place, $cause) || (! $this->grounds->isRefuted($place, $cause) && ! ($this->confirming()?->test->tries($place->id) ?? false));
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
        return Place::ranked($this->table, $this->fleeting);
    }

    /** Whether anything known shows all that is told; where not, the causes are those that show most of it. */
    public function isExplained(): bool
    {
        foreach (array_keys($this->table->causes) as $cause) {
            if ($this->story->showsAll($cause)) {
                return true;
            }
        }

        return false;
    }

    /** What contradicts the rest most: without it the rest fits far better. Null where nothing contradicts. */
    public function doubted(): ?Doubt
    {
        if ($this->doubted === false) {
            // Where it comes and goes, both of two answers of one test may be right.
            $isTwice = fn (Test $test): bool => $this->isRestless() && ($this->done[$test->id()] ?? 0) > 1;
            $this->doubted = $this->grounds->doubted($this->likeliest(), array_values(array_filter($this->table->tests, $isTwice)));
        }

        return $this->doubted;
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
        $confirming = $this->confirming()?->test;
        // A test of the part itself says more than the same answer once more.
        if ($confirming !== null && $confirming->tries($place->id) && ! $this->grounds->isTried($place, $this->likeliest())) {
            return $confirming;
        }
        $carrying = $this->grounds->carrying($place);

        return $carrying === null || $this->done[$carrying->id()] >= self::MOST_TIMES ? $confirming : $carrying;
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

    /** What must then be true too, where it is the cause that is likeliest: a test not yet done, and what it then shows. */
    public function confirming(): ?Answer
    {
        if ($this->confirming === false) {
            $this->confirming = $this->story->isCured() ? null : (new Confirmation($this->story, $this))->of($this->likeliest());
        }

        return $this->confirming;
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
     * What a test shows; a lamp is solved with it in.
     *
     * @param  list<int>  $causes
     * @return array<int, float> by cause
     */
    public function shown(Test $test, array $causes): array
    {
        return $this->story->shown($test, $causes);
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
}
