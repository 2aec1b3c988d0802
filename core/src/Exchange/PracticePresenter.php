<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Circuit;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\Lesson;
use LampThread\Diagnosis\Place;
use LampThread\Diagnosis\Practice;
use LampThread\Diagnosis\Situation;
use LampThread\Diagnosis\Test;
use LampThread\Message\Message;

/** A run of practice as it goes out: fits schema/practice-run.json. */
final readonly class PracticePresenter
{
    /** Not a test of the table: what it shows is solved when it is held there. */
    private const WIRE = 'wire';

    private TrailPresenter $trail;

    public function __construct(private Circuit $circuit, private FaultTable $table, private Practice $practice)
    {
        $this->trail = new TrailPresenter([$circuit]);
    }

    /** @return list<array<string, mixed>> */
    public static function lessons(): array
    {
        return array_values(array_map(static fn (Lesson $lesson): array => [
            'id' => $lesson->id, 'title' => Message::of("lesson.{$lesson->id}.title"), 'story' => Message::of("lesson.{$lesson->id}.story"), 'job' => $lesson->job,
        ], Lesson::all()));
    }

    /**
     * @param  list<string>  $seen
     * @param  list<array<string, mixed>>  $moves
     * @param  int|null  $shown  the hidden cause, once it is over
     * @return array<string, mixed>
     */
    public function of(?string $lesson, array $seen, array $moves, ?int $shown): array
    {
        return [
            'title' => $lesson === null ? null : Message::of("lesson.{$lesson}.title"),
            'story' => $lesson === null ? null : Message::of("lesson.{$lesson}.story"),
            'seen' => array_map(static fn (string $symptom): array => ['id' => $symptom, 'says' => Message::of("symptom.{$symptom}")], $seen),
            'budgetMinutes' => $this->practice->budgetMinutes(),
            'moves' => array_map($this->move(...), $moves),
            'kinds' => $this->kinds(),
            'situations' => array_values(array_map(static fn (Situation $situation): array => [
                'id' => $situation->id, 'says' => Message::of('sentences', sentences: $situation->says), 'isMeasured' => $situation->isMeasured(),
            ], array_filter($this->table->situations, static fn (Situation $situation): bool => $situation->isTested))),
            'places' => $this->places(),
            'end' => $shown === null ? null : $this->end($shown),
        ];
    }

    /**
     * @param  array<string, mixed>  $move
     * @return array<string, mixed>
     */
    private function move(array $move): array
    {
        $verdict = (string) $move['verdict'];
        if (isset($move['wire'])) {
            [$situation, $from, $to] = $move['wire'];
            [$what, $fuse] = [...explode(':', $move['seen'], 2), ''];

            return [
                'title' => Message::of('practice.wire', from: $this->circuit->terminalName($from), to: $this->circuit->terminalName($to)),
                'setting' => isset($this->table->situations[$situation]) ? $this->table->situations[$situation]->says : [],
                'given' => match ($what) {
                    'refused' => Message::of('practice.wire.refused'),
                    'blows' => Message::of('practice.wire.blows', fuse: LeadSpots::partName($this->circuit, $fuse)),
                    default => $this->trail->looks($move['seen']),
                },
                'minutes' => $move['minutes'], 'verdict' => $verdict, 'says' => Message::of("practice.verdict.{$verdict}"), 'better' => null,
            ];
        }
        if (isset($move['named'])) {
            $named = array_column($this->places(), 'says', 'id')[$move['named']] ?? Message::verbatim((string) $move['named']);

            return [
                'title' => Message::of('practice.named', part: $named), 'setting' => [], 'given' => Message::of('practice.named.sound'), 'minutes' => $move['minutes'],
                'verdict' => $verdict, 'says' => Message::of("practice.verdict.{$verdict}"), 'better' => null,
            ];
        }
        $test = $this->table->tests[$move['test']] ?? null;
        $best = $this->table->tests[$move['best'] ?? ''] ?? null;

        return [
            'title' => $test === null ? Message::verbatim((string) $move['test']) : $this->trail->title($test),
            'setting' => $test?->situation === null ? [] : $this->table->situations[$test->situation]->says,
            'given' => $test === null ? Message::verbatim('') : $this->trail->given(new Answer($test, (float) $move['value'])),
            'minutes' => $move['minutes'], 'verdict' => $verdict, 'says' => Message::of("practice.verdict.{$verdict}"),
            'better' => $best === null || $verdict === 'best' ? null : Message::of('practice.better', test: $this->trail->title($best), setting: $this->settingOf($best)),
        ];
    }

    private function settingOf(Test $test): Message
    {
        return Message::of('sentences', sentences: $test->situation === null ? [] : $this->table->situations[$test->situation]->says);
    }

    /** @return list<array<string, mixed>> instruments, each with the spots it goes to */
    private function kinds(): array
    {
        $kinds = [];
        foreach ($this->table->tests as $test) {
            $kind = $test->kind->value;
            $kinds[$kind] ??= ['id' => $kind, 'says' => Message::of("practice.kind.{$kind}"), 'hasSituation' => $test->situation !== null, 'spots' => []];
            $place = $test->place();
            if ($place !== '' && ! isset($kinds[$kind]['spots'][$place])) {
                $kinds[$kind]['spots'][$place] = [
                    'id' => $place, 'says' => $this->trail->spot($test),
                    'on' => array_values(array_filter([$test->spot, $test->from, $test->to], static fn (string $on): bool => $on !== '')),
                ];
            }
        }

        $ends = array_map(
            fn (string $terminal): array => ['id' => $terminal, 'says' => $this->circuit->terminalName($terminal), 'on' => [$terminal]], $this->circuit->terminals(),
        );
        $kinds[self::WIRE] = ['id' => self::WIRE, 'says' => Message::of('practice.kind.wire'), 'hasSituation' => true, 'spots' => $ends];

        return array_values(array_map(static fn (array $kind): array => [...$kind, 'spots' => array_values($kind['spots'])], $kinds));
    }

    /** @return list<array<string, mixed>> what can be named as the fault: one row for each place */
    private function places(): array
    {
        $places = [];
        foreach ($this->table->causes as $cause) {
            if ($cause->place() !== '' && count($cause->faults) < 2) {
                $part = array_keys($cause->faults)[0] ?? null;
                $places[$cause->place()] ??= [
                    'id' => $cause->place(), 'says' => $part === null ? $this->trail->says($cause) : LeadSpots::partName($this->circuit, $part), 'isCooling' => $part === null,
                ];
            }
        }

        return array_values($places);
    }

    /** @return array<string, mixed> */
    private function end(int $at): array
    {
        $cause = $this->table->causes[$at];
        $shortest = $this->practice->shortest();

        return [
            'place' => $this->trail->place(new Place($cause->place(), 1.0, $cause)),
            'minutes' => round($shortest['minutes'], 1),
            'path' => array_map(fn (Answer $answer): array => [
                'title' => $this->trail->title($answer->test), 'setting' => $answer->test->situation === null ? [] : $this->table->situations[$answer->test->situation]->says,
                'given' => $this->trail->given($answer),
            ], $shortest['answers']),
        ];
    }
}
