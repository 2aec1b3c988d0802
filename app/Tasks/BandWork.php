<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Design\Designs;
use App\Http\Requests\RoadRequest;
use App\Models\Job;
use App\Models\OwnDrive;
use LampThread\Exchange\BandPresenter;
use LampThread\Exchange\Schema;
use LampThread\Exchange\SpreadsReader;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Road\Band;
use LampThread\Road\Simulation;
use LampThread\Road\Vehicle;

/** One drive by two hundred vehicles that may all be this one, with one setting or two, ten to a row: fits schema/band.json. */
final readonly class BandWork implements Work
{
    private const CASES = 200;

    private const CASES_IN_ROW = 10;

    public function __construct(private Schema $schema, private Designs $designs, private Wording $wording) {}

    public function check(\stdClass $question): void
    {
        $this->schema->check('road-request', $question);
        OwnDrive::asked(RoadRequest::of($question));
    }

    public function rows(Job $job, \stdClass $question): array
    {
        $design = $this->designs->as($job->state, $job->file());
        $asked = RoadRequest::of($question);
        $drive = OwnDrive::asked($asked);
        $settings = [[Message::of('road.as-it-stands'), $design]];
        if (! $asked->changes->isNone()) {
            $changed = $this->designs->changed($design, $asked->changes);
            $settings[] = [$asked->label === null ? Message::of('road.changed') : Message::verbatim($asked->label), $changed];
        }
        $rows = function () use ($settings, $asked, $drive): iterable {
            $driven = array_map(
                static fn (array $setting): array => [Vehicle::of($setting[1]->sizing(), $asked->altitudeM), new Band($drive)], $settings,
            );
            $named = array_map(static fn (array $setting, array $each): array => [$setting[0], $each[1]], $settings, $driven);
            // Both settings meet the same vehicles.
            $cases = SpreadsReader::of($settings[0][1]->file, $settings[0][1]->brief)->cases(self::CASES);
            foreach (array_chunk($cases, self::CASES_IN_ROW) as $chunk) {
                foreach ($driven as [$vehicle, $band]) {
                    foreach ($chunk as $case) {
                        $band->add($vehicle->roughly(Simulation::bands($vehicle->brief), $drive, $case));
                    }
                }
                yield $this->wording->worded(BandPresenter::row($named));
            }
        };

        return [intdiv(self::CASES, self::CASES_IN_ROW), $rows()];
    }
}
