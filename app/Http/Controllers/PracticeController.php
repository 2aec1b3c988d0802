<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Design;
use App\Design\Designs;
use App\Http\Requests\Body;
use App\Models\Job;
use App\Models\PracticeRun;
use App\Trail\PracticeBench;
use App\Trail\PracticeRoom;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Exchange\PracticePresenter;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;

/** Practising on hidden faults. */
final readonly class PracticeController
{
    private const MOST_PEOPLE = 20;

    private const MOST_WEAK = 3;

    public function __construct(private PracticeRoom $room, private Designs $designs, private Shelf $shelf, private Wording $wording, private Body $body) {}

    public function index(Request $request): JsonResponse
    {
        $person = trim($request->query->getString('person'));
        $best = PracticeRun::query()->where('person', $person)->whereNotNull('score')->whereNotNull('lesson')->groupBy('lesson')
            ->selectRaw('lesson, max(score) as best')->pluck('best', 'lesson')->all();

        $people = PracticeRun::query()->whereNotNull('score')->groupBy('person')->selectRaw('person, count(*) as runs, avg(score) as mean')->orderByDesc('mean')
            ->limit(self::MOST_PEOPLE)->get();
        $weak = $person === '' ? [] : array_slice(PracticeRoom::weakest($person), 0, self::MOST_WEAK, true);

        return new JsonResponse($this->wording->worded([
            'lessons' => array_map(
                static fn (array $lesson): array => [...$lesson, 'best' => isset($best[$lesson['id']]) ? (int) $best[$lesson['id']] : null], PracticePresenter::lessons(),
            ),
            'people' => $people->map(static fn (PracticeRun $row): array => [
                'person' => $row->person, 'runs' => (int) $row->getAttribute('runs'), 'mean' => round((float) $row->getAttribute('mean')),
            ])->all(),
            'weak' => array_map(static fn (string $class, float $mean): array => ['class' => $class, 'mean' => round($mean)], array_keys($weak), $weak),
        ]));
    }

    public function begin(Request $request): JsonResponse
    {
        $asked = $this->body->of($request, 'practice-request');
        $person = trim($asked->person) === '' ? '–' : trim($asked->person);
        $run = isset($asked->lesson)
            ? $this->room->lesson($asked->lesson, $person)
            : $this->room->job(
                Job::query()->where('id', $asked->job ?? '')->first() ?? throw InvalidInput::at('/job', Message::of('input.no-such-job')),
                $asked->grade ?? PracticeRoom::MISSED,
                $person,
            );

        return new JsonResponse($this->wording->worded($this->bench($run)->answer()), 201);
    }

    public function show(PracticeRun $run): JsonResponse
    {
        return new JsonResponse($this->wording->worded($this->bench($run)->answer()));
    }

    /** The drawing and all that comes with it, of the job as it was when the run began. */
    public function design(PracticeRun $run): JsonResponse
    {
        return new JsonResponse($this->designOf($run)->answer(), json: true);
    }

    public function move(Request $request, PracticeRun $run): JsonResponse
    {
        $asked = $this->body->of($request, 'practice-move-request');
        $bench = $this->bench($run);
        match (true) {
            isset($asked->test) => $bench->move($asked->test),
            isset($asked->wire) => $bench->wire($asked->wire->situation, $asked->wire->from, $asked->wire->to),
            isset($asked->place) => $bench->name($asked->place),
            isset($asked->givesUp) => $bench->giveUp(),
            default => throw InvalidInput::at('', Message::of('input.no-move')),
        };

        return new JsonResponse($this->wording->worded($bench->answer()));
    }

    private function bench(PracticeRun $run): PracticeBench
    {
        return new PracticeBench($run, $this->designOf($run), $this->shelf);
    }

    private function designOf(PracticeRun $run): Design
    {
        return $this->designs->of($run->file);
    }
}
