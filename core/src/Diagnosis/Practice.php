<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** A bench with a hidden fault: what instruments show of it, how each move stands beside the best there was, and the shortest way to it. */
final readonly class Practice
{
    /** Errors of the instruments that lie there: a clamp’s offset, A, and a meter’s share of its reading. */
    private const CLAMP_OFFSET_A = 0.4;

    private const METER_SHARE = 0.005;

    /** A learner may take so many times what the shortest way takes, and so many minutes more. */
    private const BUDGET_TIMES = 3.0;

    private const BUDGET_MINUTES = 6.0;

    /** What a dangerous move costs, of 100, and naming a wrong fault. */
    private const DANGER_POINTS = 25;

    private const WRONG_POINTS = 20;

    /** What is at least so likely as this share of the likeliest is as good a guess (common practice, no source). */
    private const FITS_SHARE = 0.3;

    private Walk $walk;

    /**
     * @param  list<Symptom>  $seen
     * @param  list<Tool>  $tools
     * @param  int  $seed  which instruments lie there
     */
    public function __construct(
        private FaultTable $table,
        private LampReading $lamp,
        private int $cause,
        private array $seen,
        private array $tools,
        private int $seed,
    ) {
        $this->walk = new Walk($table, $lamp, $tools);
    }

    /**
     * The causes that can be hidden of a grade: those that somebody would tell of.
     *
     * @return list<int>
     */
    public static function hidden(FaultTable $table, Grade $grade): array
    {
        $hidden = [];
        foreach ($table->causes as $at => $cause) {
            if (! $cause->isNone() && $grade->has($cause) && self::told($table, $at) !== null) {
                $hidden[] = $at;
            }
        }

        return $hidden;
    }

    /** What is told of a cause first: what fewest others show. */
    public static function told(FaultTable $table, int $cause): ?Symptom
    {
        $told = null;
        $fewest = INF;
        foreach (Symptom::cases() as $symptom) {
            if ($table->shows($cause, $symptom)) {
                $count = count(array_filter(array_keys($table->causes), static fn (int $at): bool => $table->shows($at, $symptom)));
                if ($count < $fewest) {
                    [$told, $fewest] = [$symptom, $count];
                }
            }
        }

        return $told;
    }

    /** What the instrument shows. */
    public function shown(Test $test): float
    {
        $value = $this->walk->shown($test, $this->cause);
        if (! $test->kind->isNumber()) {
            return $value;
        }
        $random = new Randomizer(new Mt19937($this->seed));
        $offset = self::CLAMP_OFFSET_A * ($random->getInt(-100, 100) / 100);
        $share = self::METER_SHARE * ($random->getInt(-100, 100) / 100);

        return $test->kind === TestKind::Clamp ? round(abs($value + $offset), 1) : round($value * (1 + $share), 2);
    }

    /**
     * @param  list<Answer>  $answers  so far
     * @return array{verdict: Verdict, chosen: NextTest, best: NextTest|null}
     */
    public function judged(array $answers, Test $chosen): array
    {
        $trail = new Trail($this->table, $this->lamp, $this->seen, $answers, $this->tools);
        $planner = new Planner($trail, $trail->situation());
        $best = $planner->ranked($trail->offered())[0] ?? null;
        $own = $planner->one($chosen);

        return ['verdict' => Verdict::of($own, $best), 'chosen' => $own, 'best' => $best];
    }

    /** @return array{answers: list<Answer>, minutes: float} */
    public function shortest(): array
    {
        return $this->walk->toFault($this->cause, $this->seen);
    }

    public function budgetMinutes(): float
    {
        return ceil(self::BUDGET_TIMES * $this->shortest()['minutes'] + self::BUDGET_MINUTES);
    }

    public function isFault(string $place): bool
    {
        return $this->table->causes[$this->cause]->place() === $place;
    }

    /**
     * Whether a place goes with all that was told and answered about as well as any.
     *
     * @param  list<Answer>  $answers
     */
    public function fits(array $answers, string $place): bool
    {
        $places = (new Trail($this->table, $this->lamp, $this->seen, $answers, $this->tools))->places();
        $shares = array_column($places, 'share', 'id');

        return ($shares[$place] ?? 0.0) >= self::FITS_SHARE * $places[0]->share;
    }

    /**
     * Points of 100: how good the moves were by what could be known, or the shortest way over one’s own where that is more; less what was wrong or
     * dangerous.
     *
     * @param  list<Verdict>  $moves
     */
    public function score(float $minutes, array $moves, int $wrong, int $dangers): int
    {
        $share = min(1.0, max(0.5, $this->shortest()['minutes']) / max(0.5, $minutes));
        $worth = $moves === [] ? 0.0 : array_sum(array_map(static fn (Verdict $move): float => $move->worth(), $moves)) / count($moves);

        return max(0, (int) round(100 * max($share, $worth)) - self::WRONG_POINTS * $wrong - self::DANGER_POINTS * $dangers);
    }
}
