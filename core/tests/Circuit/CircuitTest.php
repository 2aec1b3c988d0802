<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Circuit\Component\EarthPoint;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Splice;
use LampThread\Circuit\Wire;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The netlist that each choice leads to, terminal by terminal. */
final class CircuitTest extends TestCase
{
    private const FAN = [
        'battery + — F2 1 RD',
        'F2 2 — K1 30 RD',
        'K1 87 — XP1 1 RD-WH',
        'XP1 2 — X1 31 BN',
    ];

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function choices(): iterable
    {
        $decider = '/control/stages/0/decider';
        $side = '/control/stages/0/side';
        yield 'earth side, hose adapter with its earth lead, no override' => [
            ['/control/overrides' => []],
            [
                'S1 75 — F1 1 BK',
                ...self::FAN,
                'F1 2 — K1 86 BK',
                'K1 85 — B1 1 GN',
                'B1 2 — X2 31 BN',
            ],
        ];
        yield 'earth side, hose adapter without one' => [
            ['/control/overrides' => [], "{$decider}/earthLead" => false],
            [
                'S1 75 — F1 1 BK',
                ...self::FAN,
                'F1 2 — K1 86 BK',
                'K1 85 — B1 1 GN',
            ],
        ];
        yield 'earth side, body in metal' => [
            ['/control/overrides' => [], "{$decider}/place" => 'radiator-inlet'],
            [
                'S1 75 — F1 1 BK',
                ...self::FAN,
                'F1 2 — K1 86 BK',
                'K1 85 — B1 1 GN',
            ],
        ];
        yield 'earth side with override' => [
            [],
            [
                'S1 75 — F1 1 BK',
                ...self::FAN,
                'F1 2 — K1 86 BK',
                'K1 85 — B1 1 GN',
                'B1 2 — X2 31 BN',
                'K1 85 — S2 1 VT',
                'S2 2 — X3 31 BN',
            ],
        ];
        yield 'supply side with override' => [
            [$side => 'supply'],
            [
                'S1 75 — F1 1 BK',
                ...self::FAN,
                'K1 85 — X1 31 BN',
                'F1 2 — B1 1 BK',
                'B1 2 — K1 86 GN',
                'F1 2 — S2 1 BK',
                'S2 2 — K1 86 VT',
            ],
        ];
        yield 'coil fed from the battery' => [
            ['/control/coilFeed' => 'battery', '/control/overrides' => []],
            [
                'battery + — F1 1 BK',
                ...self::FAN,
                'F1 2 — K1 86 BK',
                'K1 85 — B1 1 GN',
                'B1 2 — X2 31 BN',
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<string>  $wires
     */
    #[DataProvider('choices')]
    public function test_its_wires(array $changes, array $wires): void
    {
        $circuit = Orchard::sizing($changes)->circuit;
        $laid = array_map(
            static fn (Wire $wire): string => sprintf(
                '%s — %s %s',
                Orchard::english($circuit->terminalName($wire->from)),
                Orchard::english($circuit->terminalName($wire->to)),
                $wire->colour->value,
            ),
            $circuit->wires,
        );

        self::assertSame($wires, $laid);
    }

    public function test_designations_are_never_given_twice(): void
    {
        foreach (self::choices() as [$changes]) {
            $marks = array_map(
                static fn ($component): string => $component->mark,
                array_values(Orchard::sizing($changes)->circuit->components),
            );
            self::assertSame(array_unique($marks), $marks);
        }
    }

    public function test_every_wire_ends_at_terminals_that_exist(): void
    {
        foreach (self::choices() as [$changes]) {
            $circuit = Orchard::sizing($changes)->circuit;
            $terminals = [Rail::SUPPLY => true, Rail::EARTH => true];
            foreach ($circuit->components as $component) {
                if ($component instanceof Splice) {
                    $terminals[$component->joint()] = true;
                }
                foreach ($component->paths() as $pass) {
                    $terminals[$pass->from] = true;
                    $terminals[$pass->to] = true;
                }
            }
            foreach ($circuit->wires as $wire) {
                self::assertArrayHasKey($wire->from, $terminals);
                self::assertArrayHasKey($wire->to, $terminals);
            }
        }
    }

    public function test_each_place_has_one_earth_point(): void
    {
        $points = Orchard::sizing()->circuit->each(EarthPoint::class);

        self::assertSame(
            ['Earth point, bay', 'Earth point, radiator', 'Earth point, cabin'],
            array_map(static fn (EarthPoint $point): string => Orchard::english($point->name), $points),
        );
    }

    public function test_a_wire_is_as_resistive_as_its_table_its_length_and_its_warmth_say(): void
    {
        $wire = Orchard::sizing()->circuit->wires[2];
        $tableOhm = $wire->segment->lengthM * $wire->conductor->milliohmPerM / 1000;

        self::assertGreaterThan($tableOhm * 1.15, $wire->ohm() - Wire::CRIMPS_OHM, 'warm copper');
        self::assertLessThan($tableOhm * 1.45, $wire->ohm() - Wire::CRIMPS_OHM);
    }
}
