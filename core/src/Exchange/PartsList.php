<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;

/** What is bought for a job, for a shop’s counter and for a spreadsheet. */
final class PartsList
{
    public static function csv(Loom $loom, Wording $wording): string
    {
        return Csv::of(self::rows($loom, $wording));
    }

    public static function spreadsheet(Loom $loom, Wording $wording): string
    {
        return FlatSpreadsheet::of('Parts', self::rows($loom, $wording));
    }

    /** @return list<list<string>> the names of the columns first */
    private static function rows(Loom $loom, Wording $wording): array
    {
        return [
            ['part', 'quantity', 'unit', 'for', 'price'],
            ...array_map(static fn (PartRow $row): array => [
                $wording->text($row->part), (string) $row->quantity, $row->unit, $wording->text($row->for), $row->price === null ? '' : (string) $row->price,
            ], $loom->parts),
        ];
    }
}
