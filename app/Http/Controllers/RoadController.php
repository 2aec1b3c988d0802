<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Designs;
use App\Http\Requests\Body;
use App\Http\Requests\RoadRequest;
use App\Http\SavedJob;
use App\Models\Job;
use App\Models\OwnDrive;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LampThread\Brief\Brief;
use LampThread\Exchange\Changes;
use LampThread\Exchange\DriveCsv;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\RoadPresenter;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Road\Calibration;
use LampThread\Road\Coolant;
use LampThread\Road\CoolingPolicy;
use LampThread\Road\SetPointAdviser;
use LampThread\Road\SwitchingGap;
use LampThread\Road\Vehicle;

final readonly class RoadController
{
    private const LONGEST_NAME = 80;

    public function __construct(private SavedJob $saved, private Designs $designs, private Shelf $shelf, private Wording $wording, private Body $body) {}

    /** The job as it stands, and with changes where the request names some. */
    public function drive(Request $request, Job $job): JsonResponse
    {
        $asked = RoadRequest::read($request, $this->body);
        $design = $this->saved->design($job);
        $drive = OwnDrive::asked($asked);
        $outcomes = [
            RoadPresenter::outcome(Message::of('road.as-it-stands'), $design->brief, Vehicle::of($design->sizing(), $asked->altitudeM)->drive($drive)),
        ];
        if ($asked->changes !== []) {
            $other = $this->designs->of($this->designs->decode(JobFile::encode(Changes::apply($design->file, $asked->changes))));
            $label = $asked->label === null ? Message::of('road.changed') : Message::verbatim($asked->label);
            $outcomes[] = RoadPresenter::outcome($label, $other->brief, Vehicle::of($other->sizing(), $asked->altitudeM)->drive($drive));
        }

        return new JsonResponse($this->wording->worded([
            'drive' => RoadPresenter::drive($drive),
            'drives' => array_values(array_map(RoadPresenter::drive(...), OwnDrive::offered())),
            'unreadableDrives' => OwnDrive::unreadable(),
            'outcomes' => $outcomes,
            'advice' => $this->advice($design->brief),
            'altitudeM' => $asked->altitudeM,
            'boilsC' => Coolant::boilsC($design->brief->cooling->capKpa, $design->brief->cooling->glycolPercent, $asked->altitudeM),
        ]));
    }

    /** Fits the vehicle to a measured log. */
    public function calibrate(Request $request, Job $job): JsonResponse
    {
        $design = $this->saved->design($job);
        [$drive, $measuredC] = (new DriveCsv($design->brief->driveline))->read($request->getContent(), 'Log');
        if ($measuredC === []) {
            throw InvalidInput::at('line 1', Message::of('input.drive.no-coolant'));
        }
        $calibration = Calibration::fit($design->brief, Vehicle::of($design->sizing())->fans, $drive, $measuredC);

        return new JsonResponse($this->wording->worded(RoadPresenter::calibration($calibration)));
    }

    public function import(Request $request, Job $job): JsonResponse
    {
        $name = trim($request->string('name')->toString());
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME) {
            throw InvalidInput::at('/name', Message::of('input.drive.name', most: self::LONGEST_NAME));
        }
        [$drive] = (new DriveCsv($this->saved->design($job)->brief->driveline))->read($request->getContent(), $name);

        return new JsonResponse($this->wording->worded(RoadPresenter::drive(OwnDrive::keep($name, $drive))), 201);
    }

    public function export(string $drive): Response
    {
        $found = OwnDrive::offered()[$drive] ?? abort(404);

        return new Response(DriveCsv::write($found), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$found->id}.csv\"",
        ]);
    }

    /** A drive of the workshop's own, whether it reads or not: no job depends on one. */
    public function remove(string $drive): Response
    {
        OwnDrive::query()->findOrFail($drive)->delete();

        return new Response(status: 204);
    }

    /** @return list<array<string, mixed>> of every policy and gap */
    private function advice(Brief $brief): array
    {
        $advice = [];
        foreach (CoolingPolicy::cases() as $policy) {
            foreach (SwitchingGap::cases() as $gap) {
                $advice[] = [
                    'policy' => $policy->value,
                    'gap' => $gap->value,
                    'stages' => array_map(RoadPresenter::advice(...), (new SetPointAdviser($brief, $this->shelf))->advise($policy, $gap)),
                ];
            }
        }

        return $advice;
    }
}
