<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Exchange\CutListCsv;
use LampThread\Exchange\Wording;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Loom\Step;
use LampThread\Message\Message;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

final class LoomTest extends TestCase
{
    public function test_the_cut_list_has_every_wire_with_its_ends(): void
    {
        $sizing = Orchard::sizing();
        $loom = Loom::of($sizing, Orchard::shelf());

        self::assertCount(count($sizing->circuit->wires), $loom->wires);
        self::assertSame('battery +', Orchard::english($loom->wires[1]->from));
        self::assertSame('Ring terminal M6', $loom->wires[1]->fromTerminal);
        self::assertSame('F2 1', Orchard::english($loom->wires[1]->to));
    }

    public function test_the_parts_list_adds_up_to_the_cut_list(): void
    {
        $loom = Loom::of(Orchard::sizing(), Orchard::shelf());
        $cutM = array_sum(array_map(static fn ($wire): float => $wire->lengthM, $loom->wires));
        $boughtM = array_sum(array_map(static fn ($part): float => $part->unit === 'm' ? $part->quantity : 0, $loom->parts));
        $terminals = array_sum(array_map(static fn ($part): float => $part->part->code === 'part.terminal' ? $part->quantity : 0, $loom->parts));

        self::assertEqualsWithDelta($cutM, $boughtM, 1e-9);
        // The two thin wires at K1 85 share a crimp.
        self::assertEqualsWithDelta(2.0 * count($loom->wires) - 1, $terminals, 1e-9);
    }

    public function test_cautions_stand_where_the_work_meets_them(): void
    {
        $cautions = [];
        foreach (Loom::of(Orchard::sizing(), Orchard::shelf())->steps as $step) {
            $cautions[] = $step->caution->code ?? $step->title->code;
        }

        self::assertSame('step.disconnect.caution', $cautions[0]);
        foreach (['fit', 'sensor', 'prove', 'fill'] as $step) {
            self::assertContains("step.{$step}.caution", $cautions);
        }
    }

    public function test_the_cold_test_follows_the_switched_side(): void
    {
        $isSupplySide = static fn (array $changes): mixed => Loom::of(Orchard::sizing($changes), Orchard::shelf())->steps[5]->items[1]->params['isSupplySide'];

        self::assertFalse($isSupplySide([]));
        self::assertTrue($isSupplySide(['/control/stages/0/side' => 'supply']));
    }

    public function test_a_wire_that_is_there_is_neither_cut_nor_bought(): void
    {
        $sizing = Orchard::sizing(['/runs/relay-to-fan/conductor' => 'metric-6']);
        $loom = Loom::of($sizing, Orchard::shelf());
        $there = array_values(array_filter($loom->wires, static fn ($wire): bool => $wire->isThere));
        self::assertSame(['relay-to-fan'], array_column($there, 'stretch'));

        $cable = implode(', ', array_map(static fn (PartRow $part): string => $part->unit === 'm' ? Orchard::english($part->for) : '', $loom->parts));
        self::assertDoesNotMatchRegularExpression("/\\b{$there[0]->id}\\b/", $cable);
        self::assertDoesNotMatchRegularExpression("/^{$there[0]->id},/m", CutListCsv::of($loom, Wording::english()));
        $cut = array_merge(...array_map(static fn (Step $step): array => $step->items, $loom->steps));
        $isThere = array_column(array_map(static fn (Message $item): array => $item->params, $cut), 'isThere', 'wire');
        self::assertSame([$there[0]->id], array_keys(array_filter($isThere)));
        self::assertLessThan(Orchard::sizing()->cost(), $sizing->cost());
    }

    /** RFC 4180: CRLF, fields with commas in quotes. */
    public function test_the_csv_has_a_line_for_each_wire(): void
    {
        $loom = Loom::of(Orchard::sizing(), Orchard::shelf());
        $lines = explode("\r\n", rtrim(CutListCsv::of($loom, Wording::english())));

        self::assertCount(count($loom->wires) + 1, $lines);
        self::assertSame('W2,battery +,F2 1,RD,3 mm²,3,0.15,Ring terminal M6,Ring terminal M6', implode(',', array_slice(str_getcsv($lines[2]), 0, 9)));
    }
}
