<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Design\Designs;
use App\Http\Requests\RoadRequest;
use App\Models\Job;
use App\Models\OwnDrive;
use LampThread\Exchange\Schema;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Road\Drive;
use LampThread\Road\Sweep;
use LampThread\Road\Vehicle;

/** Many set points driven, on one drive or over a year of them, a row for each gap: fits schema/sweep.json. */
final readonly class SweepWork implements Work
{
    public function __construct(private Designs $designs, private Schema $schema, private Shelf $shelf) {}

    public function check(\stdClass $question): void
    {
        $this->schema->check('road-request', $question);
        self::drives(RoadRequest::of($question));
    }

    public function rows(Job $job, \stdClass $question): array
    {
        $design = $this->designs->as($job->state, $job->file());
        $asked = RoadRequest::of($question);
        $drives = self::drives($asked);
        $rows = function () use ($design, $asked, $drives): iterable {
            $sweep = Vehicle::of($design->sizing(), $asked->altitudeM)->sweep();
            $cells = [];
            foreach ($asked->gapsK as $gapK) {
                $row = $sweep->row($drives, $gapK);
                array_push($cells, ...$row);
                $recommended = $sweep->recommended($cells);
                $switch = $recommended === null ? null : $sweep->nearest($cells[$recommended], $this->shelf->switches());
                yield [
                    'gapK' => $gapK, 'cells' => array_map(get_object_vars(...), $row), 'front' => Sweep::front($cells), 'recommended' => $recommended,
                    'switch' => $switch === null ? null : ['name' => $switch->name, 'onC' => $switch->onC, 'offC' => $switch->offC],
                ];
            }
        };

        return [count($asked->gapsK), $rows()];
    }

    /**
     * @return non-empty-list<array{Drive, float}> each with its share
     *
     * @throws InvalidInput where there is no such drive
     */
    private static function drives(RoadRequest $asked): array
    {
        $offered = OwnDrive::offered();
        $drives = [];
        foreach (array_filter($asked->mix, static fn (float $share): bool => $share > 0) as $id => $share) {
            $drive = $offered[$id] ?? throw InvalidInput::at("/mix/{$id}", Message::of('input.no-such-drive', drive: $id, drives: array_map(strval(...), array_keys($offered))));
            $drives[] = [$drive, $share];
        }

        return $drives === [] ? [[OwnDrive::asked($asked), 1.0]] : $drives;
    }
}
