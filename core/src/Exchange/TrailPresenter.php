<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Fault\Fault;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\Cause;
use LampThread\Diagnosis\Doubt;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\NextTest;
use LampThread\Diagnosis\Place;
use LampThread\Diagnosis\Situation;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\TestSet;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/** What may be wrong, what to test next and why, as it goes out: fits schema/trail.json. */
final readonly class TrailPresenter
{
    private const MOST_PLACES = 12;

    private const MOST_TESTS = 8;

    private const MOST_WHEN_BACK = 5;

    /** @param  non-empty-list<Circuit>  $circuits  by subject */
    public function __construct(private array $circuits) {}

    /** @return array<string, mixed> what can be told, and with what can be tested */
    public static function choices(): array
    {
        return [
            'symptoms' => array_map(static fn (Symptom $symptom): array => ['id' => $symptom->value, 'says' => Message::of("symptom.{$symptom->value}")], Symptom::cases()),
            'tools' => array_map(static fn (Tool $tool): array => [
                'id' => $tool->value, 'says' => Message::of("tool.{$tool->value}"), 'isUsual' => in_array($tool, Tool::usual(), true),
            ], array_values(array_filter(Tool::cases(), static fn (Tool $tool): bool => $tool !== Tool::Eyes))),
        ];
    }

    /**
     * @param  list<Answer>  $answers  the first first
     * @param  list<Symptom>  $seen
     * @return array<string, mixed>
     */
    public function of(Trail $trail, array $seen, array $answers): array
    {
        $places = $trail->places();
        $left = array_values(array_filter($places, static fn (Place $place): bool => $place->share > Trail::LEAST_SHARE));
        $found = $trail->found();
        $doubted = $trail->doubted();
        $next = $found === null ? $trail->next() : [];

        return [
            'seen' => array_map(static fn (Symptom $symptom): array => ['id' => $symptom->value, 'says' => Message::of("symptom.{$symptom->value}")], $seen),
            'isExplained' => $trail->isExplained(),
            'answers' => array_map(fn (Answer $answer): array => [
                ...$this->test($answer->test, $trail->table->situations), 'given' => $this->given($answer), 'isDoubted' => $answer === $doubted?->answer,
            ], $answers),
            'doubt' => match (true) {
                $doubted !== null => $this->doubt($doubted),
                $trail->isRestless() => Message::of('trail.doubt.returns'),
                default => null,
            },
            'count' => count($left),
            'places' => array_map(
                fn (Place $place): array => [
                    ...$this->place($place),
                    ...($trail->comesAndGoes($place) ? ['says' => Message::of('trail.comes-and-goes', what: $this->says($place->likeliest))] : []),
                ],
                array_slice($left, 0, self::MOST_PLACES),
            ),
            // Where it is looked for when it comes and goes: nothing is named then.
            'whenBack' => ($found === null ? $trail->isRestless() : $found->likeliest->isNone())
                ? array_map($this->place(...), array_slice($trail->fleetingPlaces(), 0, self::MOST_WHEN_BACK)) : [],
            'unlisted' => round($trail->unlistedShare(), 4),
            'next' => array_map(fn (NextTest $one): array => [
                ...$this->test($one->test, $trail->table->situations), 'bits' => round($one->bits, 3), 'minutes' => round($one->minutes, 1), 'splits' => $one->splits,
                'why' => $this->why($one, $trail->countParted(), $trail),
            ], array_slice($next, 0, self::MOST_TESTS)),
            'found' => $found === null ? null : $this->found($found, $trail),
            // Nothing parts what is left: it is looked at in turn.
            'isEnded' => $found !== null || $next === [],
        ];
    }

    /**
     * One test, and what can be answered.
     *
     * @param  array<string, Situation>  $situations
     * @return array<string, mixed>
     */
    public function test(Test $test, array $situations): array
    {
        $circuit = $this->circuitWith($test->spot);
        $isOnTerminal = str_contains($test->spot, ':');

        return [
            'id' => $test->id(),
            'kind' => $test->kind->value,
            'title' => $this->title($test),
            'setting' => $test->situation === null ? [] : $situations[$test->situation]->says,
            'reads' => match ($test->kind) {
                TestKind::Volts, TestKind::Drop, TestKind::Across => 'volt',
                TestKind::Clamp => 'ampere',
                default => null,
            },
            'options' => array_map(fn (string $token): array => ['id' => $token, 'says' => $this->answer($test, $token)], $test->answers),
            'leads' => match ($test->kind) {
                TestKind::Volts, TestKind::Lamp => LeadSpots::of($circuit, $test->spot, Rail::EARTH),
                TestKind::Drop => LeadSpots::of($circuit, Rail::SUPPLY, $test->spot),
                TestKind::Across => LeadSpots::of($circuit, $test->from, $test->to),
                default => $isOnTerminal || $circuit->part($test->spot) === null ? [] : LeadSpots::of($circuit, isset($circuit->components[$test->spot]) ? null : $test->spot),
            },
            'part' => isset($circuit->components[$test->spot]) ? $test->spot : null,
            'caution' => $test->caution === null ? null : Message::of("trail.caution.{$test->caution}"),
        ];
    }

    /** What was answered. */
    public function given(Answer $answer): Message
    {
        $test = $answer->test;

        return match (true) {
            $answer->words !== '' => Message::of('trail.answer.else', words: Message::verbatim($answer->words)),
            $answer->value === null => Message::of('trail.answer.nothing'),
            $test->kind === TestKind::Clamp => Message::of('trail.answer.number', value: Unit::Ampere->of(round($answer->value, 1))),
            $test->kind->isNumber() => Message::of('trail.answer.number', value: Unit::Volt->of(round($answer->value, 2))),
            default => $this->answer($test, $test->answers[(int) $answer->value] ?? ''),
        };
    }

    /** What is wrong, as it is said of one cause. */
    public function says(Cause $cause): Message
    {
        if ($cause->outside !== null) {
            return Message::of("outside.{$cause->outside}");
        }
        $each = [];
        foreach ($cause->faults as $part => $fault) {
            // How far a joint has gone is not what is looked for.
            $how = ! $fault->isJoint() ? Message::of("fault-kind.{$fault->kind->value}") : Message::of('trail.joint');
            $each[] = Message::of('trail.cause', part: LeadSpots::partName($this->circuits[$cause->subject], $part), kind: $how);
        }

        return match (count($each)) {
            0 => Message::of('trail.cause.none'),
            1 => $each[0],
            default => Message::of('trail.cause.pair', one: $each[0], other: $each[1]),
        };
    }

    public function title(Test $test): Message
    {
        return Message::of("trail.test.{$test->kind->value}", spot: $this->spot($test));
    }

    /** Where it is done, in words. */
    public function spot(Test $test): Message
    {
        $circuit = $this->circuitWith($test->spot);

        return match (true) {
            $test->spot === TestSet::BATTERY_LEAD => Message::of('trail.spot.battery-lead'),
            $test->kind->isOutside() => Message::of("trail.outside.{$test->spot}"),
            str_contains($test->spot, ':') => $circuit->terminalName($test->spot),
            $test->from !== '' && isset($circuit->components[$test->spot]) => Message::of(
                'practice.across', part: LeadSpots::partName($circuit, $test->spot), from: $circuit->terminalName($test->from), to: $circuit->terminalName($test->to),
            ),
            $test->spot === '' => Message::verbatim(''),
            default => LeadSpots::partName($circuit, $test->spot),
        };
    }

    /** @return array<string, mixed> */
    public function place(Place $place): array
    {
        return [
            'id' => $place->id,
            'parts' => array_map(strval(...), array_keys($place->likeliest->faults)),
            'subject' => $place->likeliest->subject,
            'share' => round($place->share, 4),
            'says' => $this->says($place->likeliest),
        ];
    }

    /** @return array<string, mixed> */
    private function found(Place $place, Trail $trail): array
    {
        $confirming = $trail->confirming();
        [$mend, $prevent] = $this->mended($place->likeliest);

        return [
            ...$this->place($place),
            'mend' => $mend,
            'prevent' => $prevent,
            'confirm' => $confirming === null ? null : [...$this->test($confirming->test, $trail->table->situations), 'given' => $this->given($confirming)],
            'class' => $this->classes($place->likeliest),
        ];
    }

    private function doubt(Doubt $doubt): Message
    {
        return $doubt->answer === null
            ? Message::of('trail.doubt.symptom', symptom: Message::of("symptom.{$doubt->symptom?->value}"))
            : Message::of('trail.doubt.answer', test: $this->title($doubt->answer->test), answer: $this->given($doubt->answer));
    }

    /** @return array{Message, Message} how it is mended, and what would have prevented it */
    private function mended(Cause $cause): array
    {
        $faults = array_values($cause->faults);
        $code = match (true) {
            $cause->outside !== null => "outside-{$cause->outside}",
            $faults === [] => 'none',
            $faults[0]->isJoint() => 'joint',
            default => $faults[0]->kind->value,
        };

        return [Message::of("trail.mend.{$code}"), Message::of("trail.prevent.{$code}")];
    }

    /** What a found fault is counted as, over all jobs. */
    private function classes(Cause $cause): string
    {
        $rates = new FailureRates($this->circuits[$cause->subject]);

        return implode('+', array_map(static fn (string $part, Fault $fault): string => $rates->classOf($part, $fault->kind), array_keys($cause->faults), $cause->faults));
    }

    private function why(NextTest $next, int $places, Trail $trail): Message
    {
        $again = $trail->again($next->test);
        $takes = ['minutes' => Unit::Minute->of(round($next->minutes, 1)), 'tool' => Message::of("tool.{$next->test->kind->tool()->value}")];

        return match (true) {
            $again !== null => Message::of("trail.again.{$again->value}", ...$takes, kind: $next->test->kind->value),
            $trail->isRestless() => Message::of('trail.why-fleeting', ...$takes),
            default => Message::of(
                'trail.why', ...$takes, places: $places, splits: array_map(static fn (int $count): Message => Message::verbatim((string) $count), $next->splits),
            ),
        };
    }

    private function answer(Test $test, string $token): Message
    {
        return $test->kind === TestKind::Look || $test->kind === TestKind::WarmUp ? $this->looks($token) : Message::of("trail.answer.{$token}");
    }

    /** @param  string  $token  fan to what it does, as Appearance::token() has it */
    public function looks(string $token): Message
    {
        $each = [];
        foreach (explode(',', $token) as $one) {
            [$fan, $does] = [...explode('=', $one, 2), ''];
            $each[] = Message::of('trail.fan', fan: $this->circuitWith($fan)->components[$fan]->name ?? Message::verbatim($fan), does: Message::of("trail.fan.{$does}"));
        }

        return Message::of('trail.fans', fans: $each);
    }

    private function circuitWith(string $spot): Circuit
    {
        $part = explode(':', $spot)[0];
        foreach ($this->circuits as $circuit) {
            if ($circuit->part($part) !== null) {
                return $circuit;
            }
        }

        return $this->circuits[0];
    }
}
