<?php

declare(strict_types=1);

namespace App\Plans;

use LampThread\Exchange\Arrangements;
use LampThread\Exchange\PlanPresenter;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Plans\Asked;
use LampThread\Plans\Conflict;
use LampThread\Plans\Front;
use LampThread\Plans\Judge;
use LampThread\Plans\Judged;
use LampThread\Plans\Plan;
use LampThread\Plans\Selection;
use LampThread\Plans\WhyNot;

/** What came of a search: the plans that are shown, why others are not, and what stands in the way where none is left. */
final class PlanReport
{
    private const LEADERS = 3;

    /** @var array<int, Judged> by number */
    private array $all = [];

    /** @var array<int, true> drafts that something has come of */
    private array $drafts = [];

    public function __construct(private readonly PlanSearch $search, private readonly Asked $asked, private readonly Shelf $shelf) {}

    /** @param  int  $number  as a search gives it */
    public function add(int $number, Judged $judged): void
    {
        $this->drafts[intdiv($number, PlanSearch::POLICIES)] = true;
        $this->all[$number] = $judged;
    }

    /** @return array<string, mixed> how far it is: fits schema/plans-row.json once it is worded */
    public function progress(float $seconds): array
    {
        $front = $this->front();
        $selection = new Selection($front, $this->asked->question->complaints, $this->search->enoughC());
        uasort($front, static fn (Judged $a, Judged $b): int => $selection->total($a) <=> $selection->total($b));

        return [
            'done' => count($this->drafts), 'of' => count($this->search->drafts), 'seconds' => round($seconds, 1),
            'leaders' => array_values(array_map(PlanPresenter::leader(...), array_slice($front, 0, self::LEADERS))), 'result' => null,
        ];
    }

    /** @return array<string, mixed> the whole of it */
    public function whole(float $seconds): array
    {
        ksort($this->all);
        $front = $this->front();
        $selection = new Selection($front, $this->asked->question->complaints, $this->search->enoughC());
        $shown = $selection->plans($this->stands(...));
        $count = static fn (\Closure $is, array $of): int => count(array_filter($of, $is));

        return [
            'done' => count($this->drafts), 'of' => count($this->search->drafts), 'seconds' => round($seconds, 1), 'leaders' => [],
            'result' => [
                'plans' => array_map(fn (Plan $plan): array => $this->plan($plan, $shown), $shown),
                'weights' => $selection->weights(),
                'whyNot' => $this->whyNot($shown, $front, $selection),
                'conflict' => $shown === [] ? PlanPresenter::conflict(Conflict::of(array_values($this->all))) : null,
                'counts' => [
                    'out' => $count(static fn (Judged $one): bool => $one->isOut(), $this->all),
                    'judged' => $count(static fn (Judged $one): bool => $one->isDone, $this->all),
                    'pruned' => $count(static fn (Judged $one): bool => ! $one->isOut() && ! $one->isDone, $this->all),
                    'front' => count($front),
                ],
            ],
        ];
    }

    /**
     * @param  list<Plan>  $shown
     * @return array<string, mixed>
     */
    private function plan(Plan $plan, array $shown): array
    {
        $sizing = $this->search->sizing($plan->judged);

        $bandC = (new Judge($sizing, $this->shelf, $this->asked->question))->bandC();

        return PlanPresenter::plan($plan, $shown, $bandC, $sizing->brief->cooling->ceilingC, $sizing->circuit, $this->sibling($plan->judged));
    }

    /** Proven over every state and every fault, by the plain solver. */
    private function stands(Judged $judged): bool
    {
        return (new Judge($this->search->sizing($judged), $this->shelf, $this->asked->question))->provenDangers() === [];
    }

    /** The same with the other policy of set points. */
    private function sibling(Judged $judged): ?Judged
    {
        foreach ($this->all as $other) {
            if ($other->isDone && $other->policy !== $judged->policy && $other->draft->choices === $judged->draft->choices) {
                return $other;
            }
        }

        return null;
    }

    /** @return array<int, Judged> by number */
    private function front(): array
    {
        $front = new Front;
        foreach ($this->all as $number => $one) {
            if ($one->isDone && $one->figures !== null) {
                $front->add((string) $number, $one->figures);
            }
        }

        return array_intersect_key($this->all, $front->members());
    }

    /**
     * @param  list<Plan>  $shown
     * @param  array<int, Judged>  $front
     * @return list<array<string, mixed>>
     */
    private function whyNot(array $shown, array $front, Selection $selection): array
    {
        $rows = [];
        foreach (['arrangement', 'fan', 'place'] as $respect) {
            $chosen = array_map(static fn (Plan $plan): string => $plan->judged->draft->choices[$respect], $shown);
            $known = array_unique(array_map(static fn (Judged $one): string => $one->draft->choices[$respect], array_values($this->all)));
            $asked = $respect === 'arrangement' ? array_map(static fn (array $one): string => $one['id'], Arrangements::all()) : array_values($known);
            foreach (array_diff($asked, $chosen, ['none']) as $choice) {
                $why = WhyNot::of($respect, $choice, $this->all, $front, $selection);
                $rows[] = [
                    'respect' => $respect,
                    'name' => match ($respect) {
                        'arrangement' => Message::of("arrangement.{$choice}.title"),
                        'place' => Message::of("place.{$choice}"),
                        default => Message::verbatim($choice),
                    },
                    'says' => $why === null ? Message::of('why-not.other-vehicle') : PlanPresenter::whyNot($why, $shown),
                ];
            }
        }

        return $rows;
    }
}
