<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** Why an arrangement, a fan or a place is not among the plans shown: what it breaks, or which plan beats it. */
final readonly class WhyNot
{
    /**
     * @param  list<string>  $broken  wishes and limits that put every one of its plans out
     * @param  Judged|null  $best  the best plan with it; null where none could be judged
     * @param  int|null  $beatenBy  number of the plan that beats that; null where none does, and it is only near one that is shown
     * @param  list<string>  $in  criteria in which that plan is better, the most first
     */
    private function __construct(public array $broken, public ?Judged $best, public ?int $beatenBy, public array $in, public ?Judged $out) {}

    /**
     * @param  array<int, Judged>  $all  by number
     * @param  array<int, Judged>  $front  those no other beats
     */
    public static function of(string $respect, string $choice, array $all, array $front, Selection $selection): ?self
    {
        $with = array_filter($all, static fn (Judged $one): bool => ($one->draft->choices[$respect] ?? '') === $choice);
        if ($with === []) {
            return null;
        }
        $judged = array_filter($with, static fn (Judged $one): bool => $one->isDone);
        if ($judged === []) {
            // A wish says more than that one of its forms cannot be wired.
            usort($with, static fn (Judged $a, Judged $b): int => [$a->danger !== null, count($a->broken)] <=> [$b->danger !== null, count($b->broken)]);

            return new self($with[0]->broken, null, null, [], $with[0]);
        }
        uasort($judged, static fn (Judged $a, Judged $b): int => $selection->total($a) <=> $selection->total($b));
        $best = reset($judged);
        $number = array_key_first($judged);
        if (isset($front[$number])) {
            return new self([], $best, null, [], null);
        }
        foreach ($front as $beater => $plan) {
            if ($plan->figures !== null && $best->figures !== null && $plan->figures->putsOut($best->figures)) {
                return new self([], $best, $beater, self::better($plan->figures, $best->figures), null);
            }
        }

        return new self([], $best, null, [], null);
    }

    /** @return list<string> */
    private static function better(Figures $plan, Figures $other): array
    {
        $by = [];
        foreach (Criterion::cases() as $criterion) {
            $by[$criterion->value] = ($other->of($criterion) - $plan->of($criterion)) / $criterion->step();
        }
        arsort($by);

        return array_keys(array_filter($by, static fn (float $steps): bool => $steps >= 1.0));
    }
}
