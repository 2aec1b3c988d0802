<?php

declare(strict_types=1);

namespace LampThread\Tests\Parts;

use LampThread\Parts\CableCatalogue;
use LampThread\Parts\Conductor;
use LampThread\Parts\FusePart;
use LampThread\Parts\RelayPart;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The shelf makes sense: what is bigger is bigger in every way. */
final class ShelfTest extends TestCase
{
    #[TestWith([CableCatalogue::Metric])]
    #[TestWith([CableCatalogue::Awg])]
    #[TestWith([CableCatalogue::Sae])]
    public function test_catalogues_go_from_thin_to_thick(CableCatalogue $catalogue): void
    {
        $sizes = Orchard::shelf()->catalogue($catalogue);
        for ($at = 1; $at < count($sizes); $at++) {
            self::assertGreaterThan($sizes[$at - 1]->areaMm2, $sizes[$at]->areaMm2);
            self::assertLessThan($sizes[$at - 1]->milliohmPerM, $sizes[$at]->milliohmPerM);
        }
    }

    #[TestWith(['blade'])]
    #[TestWith(['cartridge'])]
    #[TestWith(['bolt-down'])]
    public function test_fuses_go_from_small_to_large(string $family): void
    {
        $fuses = Orchard::shelf()->fuses($family);
        self::assertNotEmpty($fuses);
        for ($at = 1; $at < count($fuses); $at++) {
            self::assertGreaterThan($fuses[$at - 1]->ratedA, $fuses[$at]->ratedA);
            self::assertLessThan($fuses[$at - 1]->coldMilliohm, $fuses[$at]->coldMilliohm);
        }
    }

    #[TestWith([6])]
    #[TestWith([12])]
    #[TestWith([24])]
    public function test_relays_are_possible_and_go_from_small_to_large(int $systemV): void
    {
        $relays = Orchard::shelf()->relays($systemV);
        self::assertNotEmpty($relays);
        $last = 0.0;
        foreach ($relays as $relay) {
            self::assertSame($systemV, $relay->coilV);
            self::assertLessThan($relay->pullInV, $relay->dropOutV, $relay->id);
            self::assertLessThan($relay->coilV, $relay->pullInV, $relay->id);
            self::assertGreaterThan(2 * $relay->makeA, $relay->inrushA, $relay->id);
            self::assertLessThan($relay->maxAmbientC, $relay->ratedAtC, $relay->id);
            self::assertGreaterThanOrEqual($last, $relay->makeA, $relay->id);
            self::assertTrue($relay->restA === null || $relay->restA < $relay->makeA, $relay->id);
            $last = $relay->makeA;
        }
    }

    public function test_a_relay_carries_its_rating_up_to_its_ambient_and_nothing_at_its_end(): void
    {
        $relay = Orchard::shelf()->relay('mini-40-12v');
        self::assertNotNull($relay);

        self::assertSame(40.0, $relay->makeAt(20));
        self::assertSame(40.0, $relay->makeAt(85));
        self::assertEqualsWithDelta(20.0, $relay->makeAt(105), 1e-9);
        self::assertSame(0.0, $relay->makeAt(125));
        self::assertSame(0.0, $relay->makeAt(200));
    }

    public function test_parts_are_found_by_their_id_among_their_kind(): void
    {
        $shelf = Orchard::shelf();

        self::assertInstanceOf(Conductor::class, $shelf->conductor('awg-12'));
        self::assertInstanceOf(FusePart::class, $shelf->fuse('blade-30'));
        self::assertInstanceOf(RelayPart::class, $shelf->relay('power-70-12v'));
        self::assertNull($shelf->conductor('blade-30'));
        self::assertNull($shelf->fuse('awg-12'));
        self::assertNull($shelf->relay('no-such-relay'));
    }

    public function test_no_id_is_given_twice(): void
    {
        $shelf = Orchard::shelf();
        $ids = [];
        foreach (CableCatalogue::cases() as $catalogue) {
            array_push($ids, ...array_map(static fn (Conductor $size): string => $size->id, $shelf->catalogue($catalogue)));
        }
        foreach (['blade', 'cartridge', 'bolt-down'] as $family) {
            array_push($ids, ...array_map(static fn (FusePart $fuse): string => $fuse->id, $shelf->fuses($family)));
        }
        foreach ([6, 12, 24] as $systemV) {
            array_push($ids, ...array_map(static fn (RelayPart $relay): string => $relay->id, $shelf->relays($systemV)));
        }

        self::assertSame(array_unique($ids), $ids);
    }

    /** IEC 60228 class 5, plain, mΩ/m at 20 °C: cable of the same size by another standard, a little more resistive. */
    public function test_metric_resistances_lie_just_below_those_of_iec_60228(): void
    {
        $published = [
            '0.5' => 39.0,
            '0.75' => 26.0,
            '1' => 19.5,
            '1.5' => 13.3,
            '2.5' => 7.98,
            '4' => 4.95,
            '6' => 3.30,
            '10' => 1.91,
            '16' => 1.21,
            '25' => 0.780,
            '35' => 0.554,
        ];
        foreach ($published as $areaMm2 => $milliohmPerM) {
            $size = Orchard::shelf()->conductor("metric-{$areaMm2}");
            self::assertEqualsWithDelta(1.05, $milliohmPerM / ($size->milliohmPerM ?? NAN), 0.015, "{$areaMm2} mm²");
        }
    }
}
