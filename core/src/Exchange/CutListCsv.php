<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Loom\Loom;
use LampThread\Loom\WireRow;

/** The cut list as CSV (RFC 4180): comma, decimal point, one header line, a line for each wire that is cut. */
final class CutListCsv
{
    public static function of(Loom $loom, Wording $wording): string
    {
        $rows = [['wire', 'from', 'to', 'colour', 'size', 'area_mm2', 'length_m', 'from_terminal', 'to_terminal', 'greatest_a']];
        foreach (array_filter($loom->wires, static fn (WireRow $wire): bool => ! $wire->isThere) as $wire) {
            $rows[] = [
                $wire->id, $wording->text($wire->from), $wording->text($wire->to), $wire->colour, $wire->size, (string) $wire->areaMm2, (string) $wire->lengthM,
                $wire->fromTerminal, $wire->toTerminal, (string) round($wire->greatestA, 3),
            ];
        }

        return Csv::of($rows);
    }
}
