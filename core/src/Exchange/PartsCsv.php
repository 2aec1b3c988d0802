<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;

/** What is bought for a job, as CSV that a shop’s counter and a spreadsheet read. */
final class PartsCsv
{
    public static function of(Loom $loom, Wording $wording): string
    {
        return Csv::of([
            ['part', 'quantity', 'unit', 'for', 'price'],
            ...array_map(static fn (PartRow $row): array => [
                $wording->text($row->part), (string) $row->quantity, $row->unit, $wording->text($row->for), $row->price === null ? '' : (string) $row->price,
            ], $loom->parts),
        ]);
    }
}
