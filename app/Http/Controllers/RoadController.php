<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\OwnDrive;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LampThread\Brief\Brief;
use LampThread\Brief\Unusable;
use LampThread\Exchange\Changes;
use LampThread\Exchange\DriveCsv;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\RoadAnswer;
use LampThread\Exchange\TypedQuantity;
use LampThread\Road\Adviser;
use LampThread\Road\Calibration;
use LampThread\Road\Coolant;
use LampThread\Road\Drive;
use LampThread\Road\Drives;
use LampThread\Road\Gap;
use LampThread\Road\School;
use LampThread\Road\Vehicle;
use LampThread\Shelf\Shelf;

final readonly class RoadController
{
    private const USUAL_DRIVE = '3-queue';

    public function __construct(private JobFile $files, private Shelf $shelf) {}

    /** The job as it stands, and with changes where the request names some. */
    public function drive(Request $request, Job $job): JsonResponse
    {
        $file = $job->file();
        $brief = $this->files->brief($file);
        $drive = $this->asked($request);
        $altitudeM = $this->number($request, 'altitudeM', -400, 6000) ?? 0.0;
        $outcomes = [RoadAnswer::outcome('As it stands', $brief, Vehicle::of($brief, $this->shelf, $altitudeM)->drive($drive))];
        $changes = $request->input('changes');
        if (is_array($changes) && $changes !== []) {
            $other = $this->files->brief($this->files->decode(JobFile::encode(Changes::apply($file, $changes))));
            $outcomes[] = RoadAnswer::outcome((string) $request->string('label', 'Changed'), $other, Vehicle::of($other, $this->shelf, $altitudeM)->drive($drive));
        }

        return new JsonResponse([
            'drive' => RoadAnswer::drive($drive),
            'drives' => array_values(array_map(RoadAnswer::drive(...), $this->drives())),
            'outcomes' => $outcomes,
            'advice' => $this->advice($brief),
            'altitudeM' => $altitudeM,
            'boilsC' => Coolant::boilsC($brief->cooling->capKpa, $brief->cooling->glycolPercent, $altitudeM),
        ]);
    }

    /** One row of a sweep, so that the picture grows and can be stopped. */
    public function sweep(Request $request, Job $job): JsonResponse
    {
        $gapK = $this->number($request, 'gapK', 0.5, 30) ?? 5.0;
        $altitudeM = $this->number($request, 'altitudeM', -400, 6000) ?? 0.0;
        $sweep = Vehicle::of($this->files->brief($job->file()), $this->shelf, $altitudeM)->sweep();

        return new JsonResponse(['gapK' => $gapK, 'cells' => $sweep->row($this->asked($request), $gapK)]);
    }

    /** Fits the vehicle to a measured log. */
    public function calibrate(Request $request, Job $job): JsonResponse
    {
        $brief = $this->files->brief($job->file());
        [$drive, $measuredC] = (new DriveCsv($brief->driveline))->read($request->getContent(), 'Log');
        if ($measuredC === []) {
            throw Unusable::because('line 1', 'a log to fit to needs coolant_c in every row.');
        }

        return new JsonResponse(RoadAnswer::calibration(Calibration::fit($brief, Vehicle::of($brief, $this->shelf)->fans, $drive, $measuredC)));
    }

    public function import(Request $request, Job $job): JsonResponse
    {
        $name = trim($request->string('name')->toString());
        if ($name === '' || mb_strlen($name) > 80) {
            throw Unusable::because('/name', 'a drive needs a name of at most 80 characters.');
        }
        [$drive] = (new DriveCsv($this->files->brief($job->file())->driveline))->read($request->getContent(), $name);
        $own = OwnDrive::keep($drive);

        return new JsonResponse(RoadAnswer::drive($own), 201);
    }

    public function export(string $drive): Response
    {
        $found = $this->drives()[$drive] ?? abort(404);

        return new Response(DriveCsv::write($found), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$found->id}.csv\"",
        ]);
    }

    /** @return list<array<string, mixed>> of every school and gap */
    private function advice(Brief $brief): array
    {
        $advice = [];
        foreach (School::cases() as $school) {
            foreach (Gap::cases() as $gap) {
                $advice[] = [
                    'school' => $school->value,
                    'gap' => $gap->value,
                    'stages' => array_map(RoadAnswer::advice(...), (new Adviser($brief, $this->shelf))->advise($school, $gap)),
                ];
            }
        }

        return $advice;
    }

    private function asked(Request $request): Drive
    {
        $id = (string) $request->string('drive', self::USUAL_DRIVE);
        $drive = $this->drives()[$id] ?? throw Unusable::because('/drive', "there is no drive ‘{$id}’.");

        return $drive->at($this->number($request, 'ambientC', -50, 60), $this->number($request, 'startsC', -50, 130));
    }

    /** @return array<string, Drive> */
    private function drives(): array
    {
        return [...Drives::standard(), ...OwnDrive::kept()];
    }

    /** A number, or a text as it was typed: `95F`, `4000 ft`. */
    private function number(Request $request, string $name, float $least, float $most): ?float
    {
        $value = $request->input($name);
        if ($value === null) {
            return null;
        }
        if (is_string($value)) {
            $value = TypedQuantity::read($value, "/{$name}");
        }
        if (! is_int($value) && ! is_float($value) || $value < $least || $value > $most) {
            throw Unusable::because("/{$name}", "must be a number from {$least} to {$most}.");
        }

        return (float) $value;
    }
}
