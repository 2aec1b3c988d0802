<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Exchange\CutListCsv;
use LampThread\Loom\Loom;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

final class LoomTest extends TestCase
{
    public function test_the_cut_list_has_every_wire_with_its_ends(): void
    {
        $sizing = Orchard::sizing();
        $loom = Loom::of($sizing, Orchard::shelf());

        self::assertCount(count($sizing->circuit->wires), $loom->wires);
        self::assertSame('battery +', $loom->wires[1]->from);
        self::assertSame('Ring terminal M6', $loom->wires[1]->fromTerminal);
        self::assertSame('F2 1', $loom->wires[1]->to);
    }

    public function test_the_parts_list_adds_up_to_the_cut_list(): void
    {
        $loom = Loom::of(Orchard::sizing(), Orchard::shelf());
        $cutM = array_sum(array_map(static fn ($wire): float => $wire->lengthM, $loom->wires));
        $boughtM = array_sum(array_map(static fn ($part): float => $part->unit === 'm' ? $part->quantity : 0, $loom->parts));
        $terminals = array_sum(array_map(static fn ($part): float => str_contains($part->part, 'terminal') ? $part->quantity : 0, $loom->parts));

        self::assertEqualsWithDelta($cutM, $boughtM, 1e-9);
        self::assertEqualsWithDelta(2.0 * count($loom->wires), $terminals, 1e-9);
    }

    public function test_cautions_stand_where_the_work_meets_them(): void
    {
        $cautions = [];
        foreach (Loom::of(Orchard::sizing(), Orchard::shelf())->steps as $step) {
            $cautions[$step->title] = $step->caution ?? '';
        }

        self::assertSame('Disconnect the battery', array_key_first($cautions));
        self::assertStringContainsString('key out', $cautions['Fit fan, relay and fuse holders']);
        self::assertStringContainsString('hot cooling system', $cautions['Fit the temperature switch']);
        self::assertStringContainsString('open air', $cautions['Fill, bleed, warm up']);
    }

    public function test_the_cold_test_follows_the_switched_side(): void
    {
        $prove = static fn (array $changes): string => implode(' ', Loom::of(Orchard::sizing($changes), Orchard::shelf())->steps[5]->does);

        self::assertStringContainsString('Put K1 85 to earth', $prove([]));
        self::assertStringContainsString('Join K1 86 to a fused feed', $prove(['/control/stages/0/side' => 'supply']));
    }

    public function test_a_wire_that_is_there_is_neither_cut_nor_bought(): void
    {
        $sizing = Orchard::sizing(['/runs/relay-to-fan/conductor' => 'metric-6']);
        $loom = Loom::of($sizing, Orchard::shelf());
        $there = array_values(array_filter($loom->wires, static fn ($wire): bool => $wire->isThere));
        self::assertSame(['relay-to-fan'], array_column($there, 'stretch'));

        $cable = implode(', ', array_map(static fn ($part): string => $part->unit === 'm' ? $part->for : '', $loom->parts));
        self::assertDoesNotMatchRegularExpression("/\\b{$there[0]->id}\\b/", $cable);
        self::assertDoesNotMatchRegularExpression("/^{$there[0]->id},/m", CutListCsv::of($loom));
        self::assertStringContainsString("{$there[0]->id} is there already, 6 mm²", implode("\n", array_column($loom->steps, 'does', 'title')['Cut, crimp and label']));
        self::assertLessThan(Orchard::sizing()->cost(), $sizing->cost());
    }

    /** RFC 4180: CRLF, fields with commas in quotes. */
    public function test_the_csv_has_a_line_for_each_wire(): void
    {
        $loom = Loom::of(Orchard::sizing(), Orchard::shelf());
        $lines = explode("\r\n", rtrim(CutListCsv::of($loom)));

        self::assertCount(count($loom->wires) + 1, $lines);
        self::assertSame('W2,battery +,F2 1,RD,6 mm²,6,0.15,Ring terminal M6,Blade terminal 9.5 mm', implode(',', array_slice(str_getcsv($lines[2]), 0, 9)));
    }
}
