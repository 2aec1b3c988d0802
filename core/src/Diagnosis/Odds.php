<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** How likely each cause is after what was told and answered, over one another: there all the time, coming and going; and what no cause of the table is. */
final readonly class Odds
{
    /** How often people tell of something that is not so (common practice, no source). */
    private const WRONGLY_TOLD = 0.0008;

    /** Of all that is told of, what is away by the time it is looked at, or was not so (common practice, no source). */
    private const AWAY_BY_NOW = 0.08;

    /** How often a fault is there at some tests only, over one that lasts (common practice, no source). */
    private const COMES_AND_GOES = 0.1;

    /** Of all that is told of, what no table lists (common practice, no source). */
    private const NOT_LISTED = 0.01;

    /**
     * @param  array<int, float>  $lasting  by cause
     * @param  array<int, float>  $fleeting  by cause, where it is there at some tests only
     * @param  float  $unlisted  something that is not in the table
     * @param  array<int, int>  $misses  by cause, how much of what was told and answered it contradicts
     */
    private function __construct(public array $lasting, public array $fleeting, public float $unlisted, public array $misses) {}

    /**
     * @param  \Closure(Test, list<int>): array<int, float>  $shown  what a test shows of causes, a lamp solved with it in
     * @param  list<Symptom>  $seen
     * @param  list<Answer>  $answers
     */
    public static function of(FaultTable $table, \Closure $shown, array $seen, array $answers): self
    {
        $lasting = [];
        $misses = [];
        $sound = $table->soundCauses();
        foreach ($table->causes as $at => $cause) {
            $missed = count(array_filter($seen, static fn (Symptom $symptom): bool => ! $table->shows($at, $symptom)));
            $lasting[$at] = $cause->weight * self::WRONGLY_TOLD ** $missed;
            $misses[$at] = $cause->isNone() ? 0 : $missed;
        }
        // What is away by now has shown whatever it was told of.
        $told = array_sum($lasting);
        foreach ($sound as $at) {
            $lasting[$at] = max($lasting[$at], self::AWAY_BY_NOW * $told / count($sound));
        }
        $fleeting = [];
        foreach ($table->causes as $at => $cause) {
            $fleeting[$at] = $cause->comesAndGoes ? self::COMES_AND_GOES * $lasting[$at] : 0.0;
        }
        $unlisted = self::NOT_LISTED * $told;
        foreach ($answers as $answer) {
            if ($answer->words !== '') {
                // No cause of the table foresees it.
                $lasting = array_map(static fn (float $weight): float => $weight * Reading::WRONG, $lasting);
                $fleeting = array_map(static fn (float $weight): float => $weight * Reading::WRONG, $fleeting);
                $unlisted *= Reading::ofAnything($answer->test);
            } elseif ($answer->value !== null) {
                // With the lamp in it is solved only where that still matters.
                $least = Trail::COUNTS_SHARE * max(0.0, ...$lasting, ...$fleeting);
                $counting = array_keys(array_filter($lasting, static fn (float $weight, int $at): bool => $weight + $fleeting[$at] > $least, ARRAY_FILTER_USE_BOTH));
                $shows = $shown($answer->test, array_values(array_unique([...$counting, ...$sound]))) + $table->shown($answer->test, array_keys($lasting));
                $away = array_map(static fn (int $none): float => Reading::likelihood($answer->test, $answer->value, $shows[$none]), $sound);
                foreach ($lasting as $at => $weight) {
                    $likelihood = Reading::likelihood($answer->test, $answer->value, $shows[$at], $table->half($answer->test, $at));
                    $lasting[$at] = $weight * $likelihood;
                    $fleeting[$at] *= $answer->test->kind->showsAlways() ? $likelihood : 0.5 * ($likelihood + ($away[$table->causes[$at]->subject] ?? 0.0));
                    $misses[$at] += $likelihood < Trail::DOUBT_FROM ? 1 : 0;
                }
                $unlisted *= Reading::ofAnything($answer->test);
            }
        }

        return new self($lasting, $fleeting, $unlisted, $misses);
    }

    public function sum(): float
    {
        return array_sum($this->lasting) + array_sum($this->fleeting) + $this->unlisted;
    }

    /** @return array<int, float> by cause, as a share of all there is; what is missing to 1 is not in the table */
    public function shares(): array
    {
        $sum = $this->sum();
        $shares = [];
        foreach ($this->lasting as $cause => $weight) {
            $shares[$cause] = ($weight + $this->fleeting[$cause]) / $sum;
        }

        return $shares;
    }

    /** @return array<int, float> by cause, of that what comes and goes */
    public function fleetingShares(): array
    {
        $sum = $this->sum();

        return array_map(static fn (float $weight): float => $weight / $sum, $this->fleeting);
    }
}
