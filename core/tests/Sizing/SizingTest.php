<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Wire;
use LampThread\Operation\Solver;
use LampThread\Sizing\Choice;
use LampThread\Sizing\FuseSizing;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SizingTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function jobs(): iterable
    {
        yield 'as it is' => [[]];
        yield '24 V' => [Orchard::AT_24V];
        yield 'AWG' => [['/wiring/catalogue' => 'awg']];
        yield 'SAE, generous drop' => [['/wiring/catalogue' => 'sae', '/wiring/dropLimitPercent' => 8]];
        yield 'small fan' => [['/fans/0/runA' => 6, '/fans/0/startA' => 18]];
        yield 'cool insulation, long' => [
            ['/wiring/insulationC' => 105, '/runs/relay-to-fan' => ['lengthM' => 4]],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_every_choice_fits_and_the_next_one_down_does_not(array $changes): void
    {
        foreach (Orchard::sizing($changes)->choices as $choice) {
            self::assertTrue($choice->taken->fits(), $choice->id);
            if ($choice->nextDown !== null) {
                self::assertNotEmpty($choice->nextDown->broken(), $choice->id);
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_the_drop_it_promised_is_the_drop_the_circuit_has(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $point = (new Solver($sizing->circuit))->settle(new OperatingConditions(Key::Run, 3000, 110));
        $wiresV = 0.0;
        foreach ($sizing->circuit->wiresOf($sizing->circuit->wireGroups['fan-1-wire']) as $wire) {
            $wiresV += abs($point->currentA($wire->id)) * ($wire->ohm() - Wire::CRIMPS_OHM);
        }
        $percent = 100 * $wiresV / $point->voltages->at('battery:+');

        // Sized with the current of a thick wire, which is a little more than the chosen one lets through.
        self::assertLessThanOrEqual($sizing->brief->wiring->dropLimitPercent, $percent);
        self::assertEqualsWithDelta($this->constraint($sizing->choices['fan-1-wire'], 'wire-drop'), $percent, 0.25);
    }

    /** Common practice, no source: 75 % of the rating at 25 °C, −0.15 %/K above. */
    public function test_a_fuse_in_a_hot_bay_carries_less(): void
    {
        self::assertEqualsWithDelta(15.0, FuseSizing::continuousA(20, 25), 1e-12);
        self::assertEqualsWithDelta(15.0 * 0.9475, FuseSizing::continuousA(20, 60), 1e-12);
    }

    public function test_the_wire_carries_what_its_fuse_lets_through(): void
    {
        foreach (self::jobs() as [$changes]) {
            $sizing = Orchard::sizing($changes);
            foreach ($sizing->circuit->wireGroups as $group) {
                $fuse = $sizing->circuit->components[$group->protectedBy];
                self::assertInstanceOf(Fuse::class, $fuse);
                $wire = $sizing->choices[$group->id]->taken;
                self::assertLessThanOrEqual($wire->constraints[2]->limit, $fuse->part->ratedA);
            }
        }
    }

    /** Common practice, no source: a fan under 10 A was served by 2 mm² and a 20 A fuse, start surge included. */
    public function test_two_square_millimetres_and_twenty_amperes_serve_a_fan_under_ten(): void
    {
        $sizing = Orchard::sizing([
            '/fans/0/runA' => 9, '/fans/0/startA' => 27, '/wiring/dropLimitPercent' => 5,
            '/pinned/fan-1-wire' => 'metric-2', '/pinned/fan-1-fuse' => 'blade-20',
        ]);

        self::assertTrue($sizing->choices['fan-1-wire']->taken->fits());
        self::assertTrue($sizing->choices['fan-1-fuse']->taken->fits());
    }

    /** Common practice, no source: a pair at 15 A takes 30 A each, slow ones, and relays are far above the running current. */
    public function test_a_fifteen_ampere_fan_gets_a_slow_thirty_ampere_fuse_and_a_forty_ampere_relay(): void
    {
        $sizing = Orchard::sizing(['/fans/0/runA' => 15]);

        self::assertSame('cartridge-30', $sizing->choices['fan-1-fuse']->taken->part->id());
        self::assertSame('mini-40-12v', $sizing->choices['fan-1-relay']->taken->part->id());
    }

    public function test_pinned_parts_are_kept_and_judged(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-wire' => 'metric-1', '/pinned/fan-1-relay' => 'micro-20-12v']);

        self::assertSame('metric-1', $sizing->choices['fan-1-wire']->taken->part->id());
        self::assertTrue($sizing->choices['fan-1-wire']->isPinned);
        self::assertFalse($sizing->choices['fan-1-wire']->taken->fits());
        self::assertSame('micro-20-12v', $sizing->choices['fan-1-relay']->taken->part->id());
    }

    public function test_nothing_is_thinner_than_half_a_square_millimetre(): void
    {
        foreach (['metric', 'awg', 'sae'] as $catalogue) {
            $sizing = Orchard::sizing(['/wiring/catalogue' => $catalogue]);
            foreach ($sizing->circuit->wires as $wire) {
                self::assertGreaterThanOrEqual(0.5, $wire->conductor->areaMm2);
            }
        }
    }

    private function constraint(Choice $choice, string $name): float
    {
        foreach ($choice->taken->constraints as $constraint) {
            if ($constraint->code === $name) {
                return $constraint->value;
            }
        }

        return NAN;
    }
}
