<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Exchange\CutListCsv;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Loom\Loom;
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
                    'lockouts' => ['aboveRpm' => 4000, 'cranking' => true],
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
        $bought = array_map(static fn ($part): string => $part->for, Loom::of($sizing, Orchard::shelf())->parts);
        foreach ([...$sizing->circuit->each(Relay::class), ...$sizing->circuit->each(Fuse::class)] as $component) {
            self::assertContains("{$component->mark}, {$component->name}", $bought);
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('arrangements')]
    public function test_every_wire_is_cut_once_and_named_in_the_steps(array $changes): void
    {
        $loom = Loom::of(Orchard::sizing($changes), Orchard::shelf());
        $cut = [];
        foreach ($loom->steps as $step) {
            if ($step->title === 'Cut, crimp and label') {
                $cut = $step->does;
            }
        }

        self::assertCount(count($loom->wires), $cut);
        foreach ($loom->wires as $at => $wire) {
            self::assertStringStartsWith("{$wire->id} {$wire->colourName} {$wire->size}", $cut[$at]);
        }
        self::assertCount(count($loom->wires) + 1, explode("\r\n", rtrim(CutListCsv::of($loom))));
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('arrangements')]
    public function test_every_part_is_on_the_drawing_by_its_mark(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $svg = ThreadsSvg::of($sizing);
        foreach ($sizing->circuit->components as $component) {
            if ($component->passes() !== []) {
                self::assertStringContainsString(">{$component->mark}</text>", $svg, $component->name);
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('arrangements')]
    public function test_each_relay_is_proved_by_the_side_that_is_switched(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $does = array_column(Loom::of($sizing, Orchard::shelf())->steps, 'does', 'title');
        $prove = implode("\n", $does['Prove it cold']);
        self::assertStringStartsWith('Battery negative on', $prove);
        foreach ($sizing->circuit->each(Relay::class) as $relay) {
            self::assertMatchesRegularExpression("/(Join {$relay->mark} 86|Put {$relay->mark} 85)/", $prove);
        }
    }
}
