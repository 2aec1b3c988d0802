<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Circuit\Component\Splice;
use LampThread\Circuit\Component\Termination;
use LampThread\Circuit\Wire;
use LampThread\Loom\Loom;
use LampThread\Loom\PinCard;
use LampThread\Loom\WireRow;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Whatever the job: each wire ends at something that takes it, and nothing takes more ends than it can. */
final class EndsTest extends TestCase
{
    /** What fits on what, mm²; common practice, no source. */
    private const TAKES = ['Tab48' => [0.35, 2.5], 'Tab63' => [0.5, 6], 'Tab95' => [4, 16], 'HolderLead' => [0.35, 16], 'Clamp' => [0.35, 6], 'SealedPlug' => [0.35, 1.5]];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function jobs(): iterable
    {
        foreach (array_keys(Combination::pairs()) as $at => $name) {
            if ($at % 9 === 0) {
                yield $name => Combination::pairs()[$name];
            }
        }
        $fan = static fn (int $number, float $runA): array => [
            ...Orchard::file()['fans'][0], 'id' => "fan-{$number}", 'name' => "fan {$number}", 'runA' => $runA, 'startA' => 3 * $runA,
        ];
        $stage = Orchard::file()['control']['stages'][0];
        yield 'one fan of 60 A' => [['/fans' => [$fan(1, 60)]]];
        yield 'four of 9 A' => [[
            '/fans' => array_map(static fn (int $number): array => $fan($number, 9), range(1, 4)),
            '/control/stages' => [[...$stage, 'fans' => ['fan-1', 'fan-2', 'fan-3', 'fan-4']]],
        ]];
        yield 'battery in the boot' => [['/runs/fuse-to-relay' => ['lengthM' => 6, 'zone' => 'cabin'], '/fans/0/runA' => 25, '/fans/0/startA' => 75]];
        yield 'everything five centimetres' => [['/runs' => self::everywhere(0.05)]];
        yield 'a size nobody wants' => [['/pinned/fan-1-wire' => 'metric-35', '/pinned/trigger-wire' => 'metric-10']];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_every_end_takes_its_wires(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $circuit = $sizing->circuit;
        foreach ($circuit->terminals() as $terminal) {
            $wires = array_filter($circuit->wiresAt($terminal), static fn (Wire $wire): bool => $wire->segment->given === null);
            $termination = $circuit->terminationAt($terminal);
            $isShared = count($wires) === 2 && $termination->sharesCrimp();
            if ($terminal !== 'battery:+') {
                self::assertTrue(count($wires) <= $termination->mostEnds() || $isShared, "{$terminal}: ".count($wires));
            }
            if ($isShared) {
                self::assertCount(1, array_unique(array_map(static fn (Wire $wire): float => $wire->conductor->areaMm2, $wires)), "{$terminal}: two equal wires");
            }
            [$leastMm2, $mostMm2] = self::TAKES[$termination->name] ?? [0.0, INF];
            foreach ($wires as $wire) {
                $areaMm2 = $wire->conductor->areaMm2;
                self::assertTrue($areaMm2 >= $leastMm2 && $areaMm2 <= $mostMm2, "{$terminal} ({$termination->name}): {$wire->conductor->designation}");
            }
        }
        foreach (Loom::of($sizing, Orchard::shelf())->wires as $row) {
            self::assertNotContains(WireRow::NO_SIZE, [$row->size, $row->fromTerminal, $row->toTerminal], $row->id);
        }
        self::assertEqualsCanonicalizing(
            array_map(static fn (Wire $wire): string => $wire->id, [...$circuit->wires, ...$circuit->wires]), $this->onCards($sizing), 'each wire is on the cards of both its ends',
        );
    }

    /** @return list<string> */
    private function onCards(Sizing $sizing): array
    {
        $wires = [];
        foreach (PinCard::all($sizing) as $card) {
            foreach ($card->pins as $pin) {
                array_push($wires, ...array_column($pin->wires, 'wire'));
            }
        }

        return $wires;
    }

    public function test_more_wires_than_a_tab_takes_are_spliced_before_it(): void
    {
        $circuit = Orchard::sizing(['/control/afterRun' => ['delayS' => 200]])->circuit;
        $splices = $circuit->each(Splice::class);

        self::assertNotEmpty($splices);
        foreach ($splices as $splice) {
            self::assertGreaterThan(2, count($circuit->wiresAt($splice->joint())), $splice->mark);
        }
        self::assertSame(Termination::Tab63, $circuit->terminationAt('fan-1-relay:30'));
        self::assertCount(1, $circuit->wiresAt('fan-1-relay:30'));
    }

    /** @param  array<string, mixed>  $changes */
    #[TestWith([['/runs' => ['relay-to-fan' => ['lengthM' => 30], 'fan-to-earth' => ['lengthM' => 30]]], 'nothing-fits'])]
    #[TestWith([['/pinned/fan-1-wire' => 'metric-0.35'], 'wire-over-ampacity'])]
    #[TestWith([['/fans/0/ratedV' => 26], 'fan-of-other-voltage'])]
    public function test_what_cannot_be_built_is_named(array $changes, string $code): void
    {
        $codes = array_column(array_map(static fn ($finding): array => [$finding->code], \LampThread\Proof\Findings::of(Orchard::sizing($changes))), 0);

        self::assertContains($code, $codes);
    }

    /** @return array<string, array{lengthM: float}> */
    private static function everywhere(float $lengthM): array
    {
        $stretches = ['battery-to-fuse', 'fuse-to-relay', 'relay-to-fan', 'fan-to-earth', 'feed-to-fuse', 'fuse-to-coil', 'coil-to-earth', 'sensor', 'sensor-earth', 'dash'];

        return array_fill_keys($stretches, ['lengthM' => $lengthM]);
    }
}
