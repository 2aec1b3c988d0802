<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Exchange\JobDocument;
use LampThread\Message\InvalidInput;
use LampThread\Message\Unit;
use LampThread\Parts\FusePart;
use LampThread\Proof\Findings;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** What is found in a vehicle and stays: wires, feeds without a fuse, bundles; and what the whole costs. */
final class GivenPartsTest extends TestCase
{
    public function test_a_wire_that_is_there_keeps_its_size_and_limits_its_fuse(): void
    {
        $sizing = Orchard::sizing(['/runs/relay-to-fan/conductor' => 'metric-1.5']);
        $sizes = array_column(array_map(static fn ($wire): array => [$wire->stretch->value, $wire->conductor->designation], $sizing->circuit->wires), 1, 0);

        self::assertSame('1.5 mm²', $sizes['relay-to-fan'] ?? null);
        self::assertNotSame('1.5 mm²', $sizes['fuse-to-relay'] ?? null);
        self::assertEquals(
            Orchard::sizing(['/wiring/dropLimitPercent' => 10])->choices['fan-1-wire']->taken->label(),
            Orchard::sizing(['/runs/relay-to-fan/conductor' => 'metric-1'])->choices['fan-1-wire']->taken->label(),
            'what is cut new is chosen by what it carries, where the old wire loses too much whatever is cut',
        );
        $there = $sizing->choices['fan-1-wire-relay-to-fan'];
        self::assertFalse(self::constraint($there, 'fuse-rating')->isMet, 'no new wire makes the old one thicker');
        self::assertEquals(Unit::SquareMillimetre->of(1.5), self::constraint($there, 'fuse-rating')->formula()->params['area']);
        self::assertSame('/runs/relay-to-fan/conductor', $there->briefPath);
    }

    public function test_a_wire_that_is_there_and_too_thin_is_cut_new_by_one_press(): void
    {
        $file = Orchard::file(['/runs/relay-to-fan/conductor' => 'metric-1']);
        $finding = array_column(Findings::of(Orchard::sizing(['/runs/relay-to-fan/conductor' => 'metric-1'])), null, 'subject')['fan-1-wire-relay-to-fan'];
        self::assertSame('remedy.cut-new', $finding->remedies[0]->label->code);

        $mended = JobDocument::of($file)->with($finding->remedies[0]->changes)->file;
        self::assertSame(Orchard::file()['runs'] ?? [], $mended['runs'] ?? []);
        self::assertSame([], array_filter(array_keys(Orchard::sizing()->choices), static fn (string $id): bool => str_contains($id, 'relay-to-fan')));
    }

    public function test_a_wire_told_for_one_fan_alone_is_mended_where_it_was_told(): void
    {
        $pair = Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two, a relay each']);
        $sizing = Orchard::sizing([...$pair, '/runs/relay-to-fan@fan-2-wire/conductor' => 'metric-1']);

        self::assertSame('/runs/relay-to-fan@fan-2-wire/conductor', $sizing->choices['fan-2-wire-relay-to-fan']->briefPath);
        self::assertArrayNotHasKey('fan-1-wire-relay-to-fan', $sizing->choices);
    }

    public function test_a_thread_that_is_there_whole_is_judged_wire_by_wire(): void
    {
        $stretches = ['battery-to-fuse', 'fuse-to-relay', 'relay-to-fan', 'fan-to-earth'];
        $there = array_fill_keys(array_map(static fn (string $stretch): string => "/runs/{$stretch}/conductor", $stretches), 'metric-6');
        $sizing = Orchard::sizing($there);
        foreach ($stretches as $stretch) {
            self::assertTrue($sizing->choices["fan-1-wire-{$stretch}"]->taken->fits(), $stretch);
        }
        foreach ($sizing->circuit->wiresOf($sizing->circuit->wireGroups['fan-1-wire']) as $wire) {
            self::assertSame('6 mm²', $wire->conductor->designation);
        }
    }

    public function test_a_thicker_wire_that_is_there_loses_less(): void
    {
        $drop = static fn (array $changes): float => self::constraint(
            Orchard::sizing([...$changes, '/pinned/fan-1-wire' => 'metric-4'])->choices['fan-1-wire'], 'wire-drop',
        )->value;

        self::assertLessThan($drop([]) - 0.2, $drop(['/runs/relay-to-fan/conductor' => 'metric-16']));
    }

    public function test_a_wire_there_is_not_on_the_shelf_is_refused_at_its_place(): void
    {
        try {
            Orchard::brief(['/runs/relay-to-fan/conductor' => 'metric-99']);
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertSame('/runs/relay-to-fan/conductor', $unusable->problems[0]->at);
        }
    }

    public function test_no_fuse_is_never_offered_and_nothing_stands_behind_it(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-fuse' => FusePart::NONE]);
        $choice = $sizing->choices['fan-1-fuse'];

        self::assertSame('part.no-fuse', $choice->taken->label()->code);
        self::assertNotContains(FusePart::NONE, array_map(static fn ($candidate): string => $candidate->part->id(), $choice->candidates));
        self::assertFalse(self::constraint($sizing->choices['fan-1-wire'], 'fuse-rating')->isMet);
        self::assertFalse(self::constraint($sizing->choices['fan-1-wire'], 'short-circuit')->isMet);
    }

    public function test_many_wires_together_ask_for_a_thicker_one(): void
    {
        $area = static fn (int $bundle): float => Orchard::sizing(['/runs/relay-to-fan/bundle' => $bundle])->circuit
            ->wiresOf(Orchard::sizing()->circuit->wireGroups['fan-1-wire'])[0]->conductor->areaMm2;

        self::assertGreaterThan($area(1), $area(10));
        self::assertGreaterThanOrEqual($area(10), $area(30));
    }

    public function test_the_job_costs_what_its_parts_and_metres_cost(): void
    {
        $sizing = Orchard::sizing();
        $byHand = 0.0;
        foreach (['coil-fuse', 'fan-1-fuse', 'fan-1-relay'] as $id) {
            $byHand += $sizing->choices[$id]->taken->price() ?? NAN;
        }
        foreach ($sizing->circuit->wires as $wire) {
            $byHand += $wire->segment->lengthM * $wire->conductor->pricePerM;
        }

        self::assertEqualsWithDelta($byHand, $sizing->cost(), 1e-9);
        self::assertGreaterThan($sizing->cost(), Orchard::sizing(['/pinned/fan-1-wire' => 'metric-35'])->cost());
    }

    public function test_a_diode_the_wrong_way_round_is_a_short(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-relay' => 'mini-40-12v-diode']);
        $circuit = $sizing->circuit;
        $turned = new \LampThread\Circuit\Circuit($circuit->components, array_map(static function ($wire) {
            $swap = ['fan-1-relay:85' => 'fan-1-relay:86', 'fan-1-relay:86' => 'fan-1-relay:85'];

            return new \LampThread\Circuit\Wire(
                $wire->id,
                $swap[$wire->from] ?? $wire->from,
                $swap[$wire->to] ?? $wire->to,
                $wire->stretch,
                $wire->segment,
                $wire->colour,
                $wire->group,
                $wire->conductor,
                $wire->conductorC,
            );
        }, $circuit->wires), $circuit->wireGroups);
        $hot = new \LampThread\Circuit\Component\OperatingConditions(\LampThread\Circuit\Component\Key::Run, 850, 110);
        $coilA = static fn ($of): float => abs((new \LampThread\Operation\Solver($of))->settle($hot)->currentA('coil-fuse'));

        self::assertLessThan(0.3, $coilA($circuit));
        self::assertGreaterThan(10.0, $coilA($turned));
        $relay = $sizing->choices['fan-1-relay']->taken->part;
        self::assertInstanceOf(\LampThread\Parts\RelayPart::class, $relay);
        $duty = \LampThread\Sizing\OperatingEnvelope::of($turned);
        $component = $turned->components['fan-1-relay'];
        self::assertInstanceOf(\LampThread\Circuit\Component\Relay::class, $component);
        $start = new \LampThread\Operation\Surge([0.0, 1.0], [1.0, 1.0]);
        $judged = (new \LampThread\Sizing\RelaySizing(Orchard::shelf(), $sizing->brief))->judge($relay, $component, $duty, $start, 0.0);
        self::assertContains('coil-polarity', array_map(static fn (Constraint $constraint): string => $constraint->code, $judged->broken()));
    }

    public function test_a_shared_feed_sees_every_stage(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['hand'], Combination::loads()['two on one relay']));

        self::assertEqualsWithDelta(
            $sizing->envelope->greatestA('fan-1') + $sizing->envelope->greatestA('fan-2'),
            $sizing->envelope->greatestA('fan-1-fuse'),
            0.05,
        );
    }

    private static function constraint(Choice $choice, string $name): Constraint
    {
        foreach ($choice->taken->constraints as $constraint) {
            if ($constraint->code === $name) {
                return $constraint;
            }
        }

        self::fail("{$choice->id} is not judged by ‘{$name}’.");
    }
}
