<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Exchange\CutListCsv;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Exchange\Wording;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Loom\Step;
use LampThread\Message\Message;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever the arrangement: it can be bought, cut and built. */
final class EveryLoomTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function arrangements(): iterable
    {
        $decider = Combination::deciders();
        $load = Combination::loads();
        $air = Combination::airConditioning();
        $override = Combination::overrides();
        yield 'opening switch with cut-out and relay on the clutch' => [
            Combination::changes(
                $decider['switch opening when hot'],
                $load['one fan'],
                'earth',
                $air['separate-relay'],
                $override['cut-out'],
            ),
        ];
        yield 'series and parallel with low and high by hand' => [
            Combination::changes(
                $decider['computer'],
                $load['series and parallel'],
                'earth',
                $air['computer'],
                $override['low-high'],
            ),
        ];
        yield 'stepless for two fans' => [
            Combination::changes(
                $decider['stepless'],
                $load['two on one relay'],
                'earth',
                $air['controller-input'],
                $override['cut-out'],
            ),
        ];
        yield 'change-over, after-run, lockouts, feed relay' => [
            Combination::changes(
                $decider['capillary'],
                $load['two, a relay each'],
                'supply',
                null,
                $override['change-over'],
                [
                    'afterRun' => ['delayS' => 120],
                    'lockouts' => ['engineSpeed' => ['rpm' => 4000], 'cranking' => true],
                    'feedRelay' => true,
                    'feed' => 'fuse-box-stud',
                ],
            ),
        ];
        yield 'switch that carries the fan' => [
            Combination::changes($decider['switch carrying the fan'], $load['one fan'], 'supply'),
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('arrangements')]
    public function test_every_relay_and_fuse_is_on_the_parts_list(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $bought = array_map(static fn (PartRow $part): string => Orchard::english($part->for), Loom::of($sizing, Orchard::shelf())->parts);
        foreach ([...$sizing->circuit->each(Relay::class), ...$sizing->circuit->each(Fuse::class)] as $component) {
            self::assertContains("{$component->mark}, ".Orchard::english($component->name), $bought);
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('arrangements')]
    public function test_every_wire_is_cut_once_and_named_in_the_steps(array $changes): void
    {
        $loom = Loom::of(Orchard::sizing($changes), Orchard::shelf());
        $cut = [];
        foreach ($loom->steps as $step) {
            if ($step->title->code === 'step.cut.title') {
                $cut = $step->items;
            }
        }

        self::assertCount(count($loom->wires), $cut);
        foreach ($loom->wires as $at => $wire) {
            self::assertSame([$wire->id, $wire->size], [$cut[$at]->params['wire'], $cut[$at]->params['size']]);
        }
        self::assertCount(count($loom->wires) + 1, explode("\r\n", rtrim(CutListCsv::of($loom, Wording::english()))));
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('arrangements')]
    public function test_every_part_is_on_the_drawing_by_its_mark(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $svg = ThreadsSvg::of($sizing, Wording::english());
        foreach ($sizing->circuit->components as $component) {
            if ($component->paths() !== []) {
                self::assertStringContainsString(">{$component->mark}</text>", $svg, $component->id);
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('arrangements')]
    public function test_each_relay_is_proved_by_the_side_that_is_switched(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $steps = array_values(
            array_filter(Loom::of($sizing, Orchard::shelf())->steps, static fn (Step $step): bool => $step->title->code === 'step.prove.title'),
        );
        self::assertSame('step.prove.battery-on', $steps[0]->items[0]->code);
        $relays = array_filter($steps[0]->items, static fn (Message $item): bool => $item->code === 'step.prove.relay');
        self::assertSame(
            array_map(static fn (Relay $relay): string => $relay->mark, $sizing->circuit->each(Relay::class)),
            array_values(array_map(static fn (Message $item): mixed => $item->params['mark'], $relays)),
        );
    }
}
