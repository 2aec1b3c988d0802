<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Design\Design;
use App\Http\Requests\RoadRequest;
use App\Models\OwnDrive;
use LampThread\Exchange\Schema;
use LampThread\Road\Sweep;
use LampThread\Road\Vehicle;

/** Many set points driven, a row for each gap: fits schema/sweep.json. */
final readonly class SweepWork implements Work
{
    public function __construct(private Schema $schema) {}

    public function check(\stdClass $question): void
    {
        $this->schema->check('road-request', $question);
        OwnDrive::asked(RoadRequest::of($question));
    }

    public function rows(Design $design, \stdClass $question): array
    {
        $asked = RoadRequest::of($question);
        $drive = OwnDrive::asked($asked);
        $rows = static function () use ($design, $asked, $drive): iterable {
            $sweep = Vehicle::of($design->sizing(), $asked->altitudeM)->sweep();
            $cells = [];
            foreach ($asked->gapsK as $gapK) {
                $row = $sweep->row($drive, $gapK);
                array_push($cells, ...$row);
                yield ['gapK' => $gapK, 'cells' => $row, 'front' => Sweep::front($cells)];
            }
        };

        return [count($asked->gapsK), $rows()];
    }
}
