<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GivenName;
use App\Http\SavedJob;
use App\Models\Job;
use App\Models\JobLog;
use App\Models\OwnDrive;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LampThread\Exchange\Log\LogCsv;
use LampThread\Exchange\Log\LogPresenter;
use LampThread\Exchange\Log\LogReader;
use LampThread\Exchange\Log\StandIn;
use LampThread\Exchange\Log\StandInFault;
use LampThread\Exchange\RoadPresenter;
use LampThread\Exchange\SpreadsReader;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Road\Calibration;
use LampThread\Road\LogComparison;
use LampThread\Road\LogSwitching;
use LampThread\Road\Vehicle;

/** Logs taken on a job's vehicle. */
final readonly class LogController
{
    private const MOST_LOGS = 40;

    /** A fit drives a log some forty times. */
    private const LONGEST_FIT_S = 14_400.0;

    public function __construct(private SavedJob $saved, private Wording $wording) {}

    public function index(Job $job): JsonResponse
    {
        $logs = JobLog::query()->where('job_id', $job->id)->orderBy('created_at')->orderBy('id')->get();

        return new JsonResponse(['logs' => $logs->map(self::summary(...))->all()]);
    }

    /** What the columns of a file may be, from its first lines. */
    public function columns(Request $request): JsonResponse
    {
        return new JsonResponse($this->wording->worded(LogPresenter::columns($request->getContent(true))));
    }

    public function store(Request $request, Job $job): JsonResponse
    {
        $name = GivenName::of($request);
        $taken = $request->query->getString('taken', 'other');
        if (! in_array($taken, JobLog::TAKEN, true)) {
            throw InvalidInput::at('/taken', Message::of('input.log.no-such-time', given: $taken, times: JobLog::TAKEN));
        }
        if (JobLog::query()->where('job_id', $job->id)->count() >= self::MOST_LOGS) {
            throw InvalidInput::at('', Message::of('input.log.too-many', most: self::MOST_LOGS));
        }
        $mapping = json_decode($request->query->getString('mapping'), true);
        $log = LogReader::read($request->getContent(true), is_array($mapping) ? array_filter($mapping, is_array(...)) : []);

        return new JsonResponse(self::summary(JobLog::keep($job, $name, $taken, $log)), 201);
    }

    public function show(Job $job, string $log): JsonResponse
    {
        $kept = JobLog::ofJob($job, $log);
        $vehicle = Vehicle::of($this->saved->design($job)->sizing());

        return new JsonResponse($this->wording->worded(LogPresenter::overPlan(self::summary($kept), $kept->measured(), $vehicle)));
    }

    public function export(Job $job, string $log): Response
    {
        $kept = JobLog::ofJob($job, $log);

        return new Response(LogCsv::write($kept->measured()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"log-{$kept->id}.csv\"",
        ]);
    }

    /** Fits the vehicle to a log: its fans as they ran, where that was measured. */
    public function fit(Job $job, string $log): JsonResponse
    {
        $design = $this->saved->design($job);
        $kept = JobLog::ofJob($job, $log);
        $measured = $kept->measured();
        if (! $measured->tellsLoad()) {
            throw InvalidInput::at('', Message::of('input.log.tells-no-load'));
        }
        if ($measured->lastS() > self::LONGEST_FIT_S) {
            throw InvalidInput::at('', Message::of('input.log.too-long-to-fit', most: Unit::Hour->of(self::LONGEST_FIT_S / 3600)));
        }
        $drive = $measured->drive('log', Message::verbatim($kept->name), LogSwitching::of($measured)?->ran($measured), Calibration::USUAL_AMBIENT_C);

        return new JsonResponse($this->wording->worded(RoadPresenter::calibration(
            Calibration::fit($design->brief, Vehicle::of($design->sizing())->fans, $drive, $measured->coolantC, SpreadsReader::of($design->file, $design->brief)),
        )));
    }

    public function compare(Job $job, string $before, string $after): JsonResponse
    {
        return new JsonResponse($this->wording->worded(LogPresenter::comparison(
            LogComparison::of(JobLog::ofJob($job, $before)->measured(), JobLog::ofJob($job, $after)->measured()),
        )));
    }

    public function remove(Job $job, string $log): Response
    {
        JobLog::ofJob($job, $log)->delete();

        return new Response(status: 204);
    }

    /** A simulated device rides along: for trying and for teaching. */
    public function record(Request $request, Job $job, string $device): Response
    {
        $drives = OwnDrive::offered();
        $drive = $drives[$request->query->getString('drive', '5-climb')] ?? abort(404);
        $faults = array_values(array_filter(array_map(StandInFault::tryFrom(...), explode(',', $request->query->getString('faults')))));
        $vehicle = Vehicle::of($this->saved->design($job)->sizing());

        return new Response(StandIn::from($device)->record($vehicle, $drive, $faults, $job->version), 200, ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** @return array<string, mixed> */
    private static function summary(JobLog $log): array
    {
        return LogPresenter::summary($log->id, $log->name, $log->taken, $log->created_at->toIso8601ZuluString(), $log->measured());
    }
}
