<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\Http\SavedJob;
use App\Models\Job;
use App\People\Discretion;
use App\Trail\FoundFaults;
use App\Trail\JobTrail;
use App\Trail\UnknownVehicle;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\Trail;
use LampThread\Exchange\AnswerReader;
use LampThread\Exchange\TrailPresenter;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Looking for a fault: of a job, where its record tells how far it is; or of a vehicle nobody knows. */
final readonly class TrailController
{
    public function __construct(private SavedJob $saved, private Wording $wording, private Body $body, private UnknownVehicle $unknown, private Discretion $discretion) {}

    public function show(Request $request, Job $job): JsonResponse
    {
        $design = $this->saved->design($job);
        $circuit = $design->circuit();
        $table = $design->faultTable()->weighedBy(new FailureRates($circuit, FoundFaults::counts(), $design->toldWrong()));
        $standing = JobTrail::of($job, $table, $this->discretion);
        $tools = AnswerReader::tools(array_values(array_filter(explode(',', $request->query->getString('tools')))));
        $trail = $standing->seen === [] ? null : (new TrailPresenter([$circuit]))->of(
            new Trail($table, new LampReading([$circuit], $design->brief->supply->systemV), $standing->seen, $standing->answers, $tools), $standing->seen, $standing->answers,
        );

        return new JsonResponse($this->wording->worded([
            ...TrailPresenter::choices(),
            'dangers' => array_map(static fn (Message $title): array => ['title' => $title], $design->dangers()),
            'outdated' => $standing->outdated,
            'history' => $standing->found,
            'trail' => $trail,
        ]));
    }

    /** What can be told, and with what can be tested. */
    public function choices(): JsonResponse
    {
        return new JsonResponse($this->wording->worded([...TrailPresenter::choices(), 'trail' => null]));
    }

    /** Of a vehicle of which only a little is known; nothing of it is kept. */
    public function unknown(Request $request): JsonResponse
    {
        $asked = $this->body->of($request, 'unknown-vehicle-request');
        $seen = array_map(AnswerReader::symptom(...), $asked->seen);
        if ($seen === []) {
            throw InvalidInput::at('/seen', Message::of('input.no-symptom'));
        }

        /** @var list<object{test: string, given: string}> $answers */
        $answers = array_values($asked->answers ?? []);
        $given = array_map(static fn (object $one): array => ['test' => $one->test, 'given' => $one->given], $answers);

        return new JsonResponse($this->wording->worded([
            ...TrailPresenter::choices(),
            ...$this->unknown->trail((array) $asked->known, array_values($seen), $given, AnswerReader::tools($asked->tools ?? [])),
        ]));
    }
}
