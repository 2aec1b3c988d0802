<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Handover\Picture;
use App\Handover\RecordBook;
use App\Handover\Standing;
use App\Http\Requests\Body;
use App\Http\SavedJob;
use App\Models\Job;
use App\Models\JobRecord;
use App\People\Discretion;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use LampThread\Exchange\HandoverPresenter;
use LampThread\Exchange\ReadingsCsv;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** The work and the tests of a job, and the record of what was done. */
final readonly class HandoverController
{
    private const LONGEST_ID = 40;

    private const LONGEST_NAME = 60;

    public function __construct(private SavedJob $saved, private Wording $wording, private Body $body, private RecordBook $book, private Discretion $discretion) {}

    public function show(Job $job): JsonResponse
    {
        return new JsonResponse($this->wording->worded(Standing::of($job, $this->handover($job), $this->discretion)->answer()));
    }

    public function write(Request $request, Job $job): JsonResponse
    {
        $asked = $this->body->of($request, 'records-request');
        $results = $this->book->write($job, $asked->records, $this->handover($job));

        return new JsonResponse(['results' => array_map(fn (array $result): array => [
            'id' => $result['id'],
            'problems' => array_map(fn (Problem $problem): array => ['at' => $problem->at, 'message' => $this->wording->text($problem->message)], $result['problems']),
        ], $results)]);
    }

    public function photograph(Request $request, Job $job): JsonResponse
    {
        $query = $request->query;
        [$id, $step, $by, $at] = [$query->getString('id'), $query->getString('step'), trim($query->getString('by')), $query->getString('at')];
        if (preg_match('/^[0-9a-zA-Z-]{8,'.self::LONGEST_ID.'}$/', $id) !== 1) {
            throw InvalidInput::at('/id', Message::of('input.record.missing'));
        }
        if ($by === '' || mb_strlen($by) > self::LONGEST_NAME || mb_strlen($step) > 200) {
            throw InvalidInput::at('/by', Message::of('input.record.missing'));
        }
        $bytes = (string) stream_get_contents($request->getContent(true), Picture::MOST_BYTES + 1);
        $this->book->photograph($job, $id, $step, $by, $at, $bytes);

        return new JsonResponse(['id' => $id], 201);
    }

    public function picture(Job $job, string $record): Response
    {
        if (! in_array($record, array_column(JobRecord::ofJob($job, $this->discretion), 'id'), true)) {
            abort(404);
        }
        $picture = DB::table('photographs')->where('id', $record)->first() ?? abort(404);

        return new Response($picture->bytes, 200, [
            'Content-Type' => $picture->media_type, 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    /** What a simulated instrument shows: for trying and for teaching. */
    public function simulated(Request $request, Job $job): JsonResponse
    {
        $seed = crc32($job->id) & 0xFFFF;

        return new JsonResponse(['typed' => $this->handover($job)->simulated($request->query->getString('step'), $seed, $request->query->getBoolean('badJoint'))]);
    }

    public function readings(Job $job): Response
    {
        $handover = $this->handover($job);

        return new Response(ReadingsCsv::write($this->wording->worded(['tests' => $handover->tests()])['tests'], Standing::of($job, $handover, $this->discretion)->readings), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"readings-{$job->id}.csv\"",
        ]);
    }

    private function handover(Job $job): HandoverPresenter
    {
        return new HandoverPresenter($this->saved->design($job)->sizing());
    }
}
