<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Circuit;
use LampThread\Loom\Drawing;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Plans\Asked;
use LampThread\Plans\Complaint;
use LampThread\Plans\Conflict;
use LampThread\Plans\Criterion;
use LampThread\Plans\Draft;
use LampThread\Plans\Figures;
use LampThread\Plans\Judged;
use LampThread\Plans\Plan;
use LampThread\Plans\Strength;
use LampThread\Plans\WhyNot;
use LampThread\Plans\Wish;
use LampThread\Road\SetPointAdvice;

/** Plans as they go out: fits schema/plans-row.json. */
final readonly class PlanPresenter
{
    /** Differences from a neighbour that are told. */
    private const MOST_DIFFERENCES = 3;

    private const RESPECTS = ['fan', 'place', 'override', 'trigger', 'after-run'];

    /** @return array<string, mixed> what can be asked */
    public static function choices(): array
    {
        return [
            'complaints' => array_map(static fn (Complaint $one): array => ['id' => $one->value, 'says' => Message::of("complaint.{$one->value}")], Complaint::cases()),
            'wishes' => array_map(static fn (Wish $one): array => ['id' => $one->value, 'says' => self::wish($one->value)], Wish::cases()),
            'strengths' => array_map(static fn (Strength $one): array => ['id' => $one->value, 'says' => Message::of("strength.{$one->value}")], Strength::cases()),
            'criteria' => array_map(static fn (Criterion $criterion): array => [
                'id' => $criterion->value, 'says' => Message::of("criterion.{$criterion->value}"), 'weight' => $criterion->usualWeight(),
            ], Criterion::cases()),
            'switchedBy' => Asked::SWITCHED_BY, 'compressors' => Asked::COMPRESSORS,
        ];
    }

    public static function title(Draft $draft): Message
    {
        return Message::of("arrangement.{$draft->choices['arrangement']}.title");
    }

    /** @return list<Message> what is chosen within the arrangement */
    public static function details(Draft $draft): array
    {
        $details = [];
        foreach (self::RESPECTS as $respect) {
            $choice = $draft->choices[$respect] ?? 'none';
            if ($choice !== 'none') {
                $details[] = match ($respect) {
                    'fan' => Message::of('plan.fan', fan: $choice),
                    'place' => Message::of('plan.place', place: Message::of("place.{$choice}")),
                    'override' => Message::of("plan.override.{$choice}"),
                    'trigger' => Message::of("plan.trigger.{$choice}"),
                    default => Message::of('plan.after-run'),
                };
            }
        }

        return $details;
    }

    /** @return array<string, mixed> short, for what leads while others are still judged */
    public static function leader(Judged $judged): array
    {
        return ['title' => self::title($judged->draft), 'details' => self::details($judged->draft), 'figures' => self::figures($judged->figures, [])];
    }

    /**
     * @param  list<Plan>  $shown  all of them
     * @param  array{float, float}  $bandC
     * @param  float  $ceilingC  above which the coolant must not come
     * @param  Judged|null  $sibling  the same with the other policy of set points
     * @return array<string, mixed>
     */
    public static function plan(Plan $plan, array $shown, array $bandC, float $ceilingC, Circuit $circuit, ?Judged $sibling): array
    {
        $judged = $plan->judged;
        $advice = $judged->advice;

        return [
            'number' => $plan->number,
            'title' => self::title($judged->draft),
            'details' => self::details($judged->draft),
            'why' => self::why($plan),
            'givesUp' => self::givesUp($plan, $shown),
            'caution' => self::caution($bandC, $ceilingC),
            'figures' => self::figures($judged->figures, $bandC),
            'scores' => $plan->scores,
            'setPoints' => array_map(static fn (SetPointAdvice $stage): array => [
                'says' => Message::of('plan.set-point', stage: $stage->stage + 1, on: Unit::Celsius->of($stage->onC), off: Unit::Celsius->of($stage->offC)),
            ], $advice === null ? [] : $advice->stages),
            'schools' => self::schools($judged, $sibling),
            'drawing' => Drawing::of($circuit, Drawing::WIDE),
            'changes' => (object) JobSchema::standard()->changesWithObjects(
                ($advice === null ? $judged->draft : PlanSpace::set($judged->draft, $advice, $judged->policy))->changes->byPlace,
            ),
        ];
    }

    /**
     * @param  array{float, float}|array{}  $bandC
     * @return list<array<string, mixed>>
     */
    private static function figures(?Figures $figures, array $bandC): array
    {
        return array_map(static fn (Criterion $criterion): array => [
            'id' => $criterion->value,
            'says' => $criterion === Criterion::PeakC && $bandC !== []
                ? Message::of('plan.figure.band', value: self::value($criterion, $figures), least: Unit::Celsius->of(round($bandC[0])), most: Unit::Celsius->of(round($bandC[1])))
                : Message::of('plan.figure', value: self::value($criterion, $figures)),
        ], $figures === null ? [] : Criterion::cases());
    }

    /** A figure as people say it: years a relay lasts, what is left of a charge. */
    private static function value(Criterion $criterion, ?Figures $figures): Quantity|Message
    {
        $value = $figures?->of($criterion) ?? 0.0;

        return match ($criterion) {
            Criterion::PeakC => Unit::Celsius->of(round($value)),
            Criterion::Hours => Unit::Hour->of(round($value, 1)),
            Criterion::DrawA => Unit::Ampere->of(round($value, 1)),
            Criterion::ChargeUsed => Unit::Percent->of(round(100 * (1 - $value))),
            Criterion::RelayWear => $value < 1.01 ? Message::of('plan.figure.long') : Unit::Year->of(round(100 / $value)),
            Criterion::Strands, Criterion::Unnoticed, Criterion::Cost, Criterion::Wires, Criterion::Cuts, Criterion::Missed, Criterion::Warnings => Unit::One->of(round($value)),
        };
    }

    /** @param  array{float, float}  $bandC */
    private static function caution(array $bandC, float $ceilingC): ?Message
    {
        $ceiling = Unit::Celsius->of($ceilingC);

        return match (true) {
            $bandC[0] > $ceilingC => Message::of('plan.caution.too-hot', ceiling: $ceiling),
            $bandC[1] > $ceilingC => Message::of('plan.caution.may-be-too-hot', ceiling: $ceiling),
            default => null,
        };
    }

    private static function why(Plan $plan): Message
    {
        $best = array_map(static fn (string $criterion): Message => Message::of("plan.best.{$criterion}"), array_slice($plan->bestAt, 0, self::MOST_DIFFERENCES));

        return match (true) {
            $plan->isBalance && $best === [] => Message::of('plan.why.balance'),
            $plan->isBalance => Message::of('plan.why.balance-and', best: $best),
            $best === [] => Message::of('plan.why.other'),
            default => Message::of('plan.why.best', best: $best),
        };
    }

    /**
     * @param  list<Plan>  $shown
     * @return list<Message> what it is worse in than the best of those shown, the most first
     */
    private static function givesUp(Plan $plan, array $shown): array
    {
        $worse = [];
        foreach (Criterion::cases() as $criterion) {
            $most = 1.0;
            foreach ($shown as $at => $other) {
                $steps = (($plan->judged->figures?->of($criterion) ?? 0.0) - ($other->judged->figures?->of($criterion) ?? 0.0)) / $criterion->step();
                if ($steps >= $most) {
                    $most = $steps;
                    $worse[$criterion->value] = ['steps' => $steps, 'says' => Message::of(
                        'plan.gives-up', what: Message::of("criterion.{$criterion->value}"), own: self::value($criterion, $plan->judged->figures),
                        other: self::value($criterion, $other->judged->figures), letter: chr(65 + $at),
                    )];
                }
            }
        }
        usort($worse, static fn (array $a, array $b): int => $b['steps'] <=> $a['steps']);

        return array_column(array_slice($worse, 0, self::MOST_DIFFERENCES), 'says');
    }

    /** @return list<Message> which schools it follows, and what the other would give */
    private static function schools(Judged $judged, ?Judged $sibling): array
    {
        $schools = [];
        if ($judged->policy !== '') {
            $schools[] = $sibling === null || $sibling->figures === null
                ? Message::of("school.policy.{$judged->policy}")
                : Message::of(
                    "school.policy.{$judged->policy}.other", peak: self::value(Criterion::PeakC, $sibling->figures),
                    relay: self::value(Criterion::RelayWear, $sibling->figures),
                );
            $schools[] = Message::of('school.gap');
        }
        $schools[] = Message::of('school.relays');
        $schools[] = Message::of('school.fuse');
        $schools[] = Message::of(($judged->draft->choices['override'] ?? 'none') === 'none' ? 'school.override.none' : 'school.override.there');

        return $schools;
    }

    /** @param  list<Plan>  $shown */
    public static function whyNot(WhyNot $why, array $shown): Message
    {
        $letters = [];
        foreach ($shown as $at => $plan) {
            $letters[$plan->number] = chr(65 + $at);
        }
        if ($why->best === null) {
            return $why->broken === []
                ? ($why->out?->danger === null ? Message::of('why-not.not-offered') : Message::of('why-not.danger', danger: $why->out->danger))
                : Message::of('why-not.breaks', wishes: array_map(self::wish(...), $why->broken));
        }
        if ($why->beatenBy === null) {
            return Message::of('why-not.near', cost: self::value(Criterion::Cost, $why->best->figures), peak: self::value(Criterion::PeakC, $why->best->figures));
        }

        if ($why->in === []) {
            return Message::of('why-not.alike', letter: $letters[$why->beatenBy] ?? '', isShown: isset($letters[$why->beatenBy]));
        }

        return Message::of(
            'why-not.beaten', letter: $letters[$why->beatenBy] ?? '', isShown: isset($letters[$why->beatenBy]),
            in: array_map(static fn (string $criterion): Message => Message::of("criterion.{$criterion}"), array_slice($why->in, 0, self::MOST_DIFFERENCES)),
        );
    }

    /** @return array<string, mixed> */
    public static function conflict(Conflict $conflict): array
    {
        $nearest = $conflict->nearest;

        return [
            'says' => match (count($conflict->against)) {
                0 => Message::of('plan.conflict.none'),
                1 => Message::of('plan.conflict.one', wish: self::wish($conflict->against[0])),
                default => Message::of('plan.conflict.two', one: self::wish($conflict->against[0]), other: self::wish($conflict->against[1])),
            },
            'nearest' => $nearest === null ? null : Message::of(
                'plan.conflict.nearest', wishes: array_map(self::wish(...), $nearest->broken), title: self::title($nearest->draft), details: self::details($nearest->draft),
            ),
        ];
    }

    private static function wish(string $wish): Message
    {
        return Message::of("wish.{$wish}");
    }
}
