<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** Of a front the three to six plans that are truly different: the best balance first, then whatever is best in one thing. */
final readonly class Selection
{
    public const MOST = 5;

    private const LEAST = 3;

    /** Respects in which two plans must differ, where their arrangement is the same. */
    private const LEAST_DIFFERENCE = 2;

    /** What a plan may be best at that is worth showing it for; the first counts most. */
    private const ROLES = [Criterion::PeakC, Criterion::Strands, Criterion::Hours, Criterion::Cost, Criterion::Cuts, Criterion::DrawA, Criterion::ChargeUsed, Criterion::Unnoticed];

    /** @var array<string, float> criterion to its least over the front, below which nothing more is gained */
    private array $least;

    /**
     * @param  array<int, Judged>  $front  by number
     * @param  list<Complaint>  $complaints
     * @param  float  $enoughC  coolant that is cool enough: below it nothing more is gained, °C
     */
    public function __construct(private array $front, private array $complaints, float $enoughC)
    {
        $least = [];
        foreach (Criterion::cases() as $criterion) {
            $values = array_map(static fn (Judged $one): float => $one->figures?->of($criterion) ?? 0.0, array_values($front));
            $least[$criterion->value] = min([INF, ...$values]);
        }
        $least[Criterion::PeakC->value] = max($enoughC, $least[Criterion::PeakC->value]);
        $this->least = $least;
    }

    /**
     * @param  \Closure(Judged): bool  $stands  whether a plan stands when it is proven to the end
     * @return list<Plan>
     */
    public function plans(\Closure $stands): array
    {
        $chosen = [];
        $refused = [];
        // What is best at a thing comes first; where that leaves fewer than three, what differs less fills up.
        foreach ([...array_map(static fn (?Criterion $role): array => [$role, self::LEAST_DIFFERENCE], [null, ...self::ROLES]), [null, 1], [null, 1]] as [$role, $difference]) {
            foreach ($difference === 1 && count($chosen) >= self::LEAST ? [] : $this->bestAt($role) as $number) {
                $isShown = isset($chosen[$number]);
                $isNew = ! $isShown && ! isset($refused[$number]) && $this->isDifferent($number, array_keys($chosen), $difference);
                if (count($chosen) >= self::MOST || ($isShown && $difference > 1)) {
                    break;
                }
                if ($isNew && $stands($this->front[$number])) {
                    $chosen[$number] = true;
                    break;
                }
                $refused += $isNew ? [$number => true] : [];
            }
        }

        return array_map(fn (int $number): Plan => new Plan(
            $number, $this->front[$number], $this->leads($number, array_keys($chosen)), $this->scores($this->front[$number]), $number === array_key_first($chosen),
        ), array_keys($chosen));
    }

    /** @return array<string, float> criterion to how much it counts */
    public function weights(): array
    {
        $weights = [];
        foreach (Criterion::cases() as $criterion) {
            $isComplained = array_filter($this->complaints, static fn (Complaint $complaint): bool => $complaint->criterion() === $criterion) !== [];
            $weights[$criterion->value] = $criterion->usualWeight() * ($isComplained ? 2.0 : 1.0);
        }

        return $weights;
    }

    /** How far a plan is from the best in everything, weighed; less is better. */
    public function total(Judged $judged): float
    {
        $total = 0.0;
        foreach ($this->scores($judged) as $criterion => $score) {
            $total += $this->weights()[$criterion] * $score;
        }

        return $total;
    }

    /** @return array<string, float> by criterion, 0 for the best of the front and 1 for what is worse by all that counts */
    public function scores(Judged $judged): array
    {
        $scores = [];
        foreach (Criterion::cases() as $criterion) {
            $least = $this->least[$criterion->value];
            $value = $judged->figures?->of($criterion) ?? $least;
            $scores[$criterion->value] = is_finite($least) ? max(0.0, $value - $least) / $criterion->span() : 0.0;
        }

        return $scores;
    }

    /** @return list<int> the whole front, the best at a role first, then by the balance */
    private function bestAt(?Criterion $role): array
    {
        $numbers = array_keys($this->front);
        $key = fn (int $number): array => [
            $role === null ? 0.0 : floor(($this->front[$number]->figures?->of($role) ?? INF) / $role->step() + 1e-9), $this->total($this->front[$number]), $number,
        ];
        usort($numbers, static fn (int $a, int $b): int => $key($a) <=> $key($b));

        return $numbers;
    }

    /** @param  list<int>  $chosen */
    private function isDifferent(int $number, array $chosen, int $difference): bool
    {
        $draft = $this->front[$number]->draft;
        foreach ($chosen as $other) {
            $otherDraft = $this->front[$other]->draft;
            $isSameArrangement = $draft->choices['arrangement'] === $otherDraft->choices['arrangement'];
            if ($isSameArrangement && $draft->differsFrom($otherDraft) < $difference) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<int>  $chosen
     * @return list<string> criteria in which it is the best of those shown, alone
     */
    private function leads(int $number, array $chosen): array
    {
        $leads = [];
        foreach (Criterion::cases() as $criterion) {
            $value = fn (int $one): float => $this->front[$one]->figures?->of($criterion) ?? INF;
            $others = array_map($value, array_values(array_diff($chosen, [$number])));
            if ($others !== [] && min($others) - $value($number) >= $criterion->step()) {
                $leads[] = $criterion->value;
            }
        }

        return $leads;
    }
}
