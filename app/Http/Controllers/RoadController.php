<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Designs;
use App\Http\Requests\Body;
use App\Http\Requests\GivenName;
use App\Http\Requests\RoadRequest;
use App\Http\SavedJob;
use App\Models\Job;
use App\Models\OwnDrive;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LampThread\Exchange\DriveCsv;
use LampThread\Exchange\MadeDrive;
use LampThread\Exchange\RoadPresenter;
use LampThread\Exchange\SetPointCard;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Road\Coolant;
use LampThread\Road\Vehicle;

final readonly class RoadController
{
    public function __construct(private SavedJob $saved, private Designs $designs, private Wording $wording, private Body $body) {}

    /** The job as it stands, and with changes where the request names some. */
    public function drive(Request $request, Job $job): JsonResponse
    {
        $asked = RoadRequest::read($request, $this->body);
        $design = $this->saved->design($job);
        $drive = OwnDrive::asked($asked);
        $outcomes = [
            RoadPresenter::outcome(Message::of('road.as-it-stands'), $design->brief, Vehicle::of($design->sizing(), $asked->altitudeM)->drive($drive)),
        ];
        if (! $asked->changes->isNone()) {
            $other = $this->designs->changed($design, $asked->changes);
            $label = $asked->label === null ? Message::of('road.changed') : Message::verbatim($asked->label);
            $outcomes[] = RoadPresenter::outcome($label, $other->brief, Vehicle::of($other->sizing(), $asked->altitudeM)->drive($drive));
        }

        return new JsonResponse($this->wording->worded([
            'drive' => RoadPresenter::drive($drive),
            'drives' => array_values(array_map(RoadPresenter::drive(...), OwnDrive::offered())),
            'unreadableDrives' => OwnDrive::unreadable(),
            'outcomes' => $outcomes,
            'altitudeM' => $asked->altitudeM,
            'boilsC' => Coolant::boilsC($design->brief->cooling->capKpa, $design->brief->cooling->glycolPercent, $asked->altitudeM),
        ]));
    }

    /** Set points proposed, which takes a few dozen drives. */
    public function advice(Job $job): JsonResponse
    {
        return new JsonResponse($this->saved->design($job)->advice(), json: true);
    }

    /** For whoever programs a computer or turns a screw. */
    public function card(Job $job): JsonResponse
    {
        return new JsonResponse($this->wording->worded(SetPointCard::of(Vehicle::of($this->saved->design($job)->sizing()))));
    }

    public function import(Request $request, Job $job): JsonResponse
    {
        $name = GivenName::of($request);
        [$drive] = (new DriveCsv($this->saved->design($job)->brief->driveline))->read($request->getContent(), $name);

        return new JsonResponse($this->wording->worded(RoadPresenter::drive(OwnDrive::keep($name, $drive))), 201);
    }

    /** A drive made on the screen, in the place of one that was if the request names it. */
    public function make(Request $request, Job $job): JsonResponse
    {
        $made = $this->body->of($request, 'made-drive');
        $drive = (new MadeDrive($this->saved->design($job)->brief->driveline))->drive($made);
        $inPlaceOf = $request->query->getString('inPlaceOf');
        $legs = (string) json_encode(array_diff_key((array) $made, ['version' => true]));
        $kept = OwnDrive::keep($made->name, $drive, $legs, $inPlaceOf === '' ? null : $inPlaceOf, $made->version ?? null);

        return new JsonResponse($this->wording->worded(RoadPresenter::drive($kept)), 201);
    }

    /** What a drive was made of on the screen, to be changed there. */
    public function legs(string $drive): JsonResponse
    {
        return new JsonResponse(OwnDrive::query()->findOrFail($drive)->made(), json: true);
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
}
