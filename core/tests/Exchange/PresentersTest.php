<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Exchange\BenchPresenter;
use LampThread\Exchange\ConditionsReader;
use LampThread\Exchange\DesignPresenter;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Exchange\Wording;
use LampThread\Operation\Solver;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PresentersTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function jobs(): iterable
    {
        yield 'as it is' => [[]];
        yield 'supply side' => [['/control/stages/0/side' => 'supply']];
        yield 'no override, body in metal' => [[
            '/control/overrides' => [],
            '/control/stages/0/decider/place' => 'engine-outlet',
        ]];
        yield 'full of mistakes' => [[
            '/control/stages/0/decider/earthLead' => false,
            '/control/stages/0/decider/offC' => 60,
            '/control/coilFeed' => 'battery',
            '/pinned/fan-1-wire' => 'metric-0.5',
            '/pinned/fan-1-relay' => 'micro-20-12v',
            '/fans/0/depthMm' => 200,
        ]];
        yield '24 V' => [Orchard::AT_24V];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_design_and_bench_fit_their_schemas(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $schema = Orchard::schema();
        $schema->check('design', $this->sent(DesignPresenter::english($sizing, Orchard::shelf())));
        foreach ([new OperatingConditions, new OperatingConditions(Key::Run, 850, 100), new OperatingConditions(Key::Crank, 0, 20)] as $setting) {
            $schema->check('bench', $this->sent(BenchPresenter::of((new Solver($sizing->circuit))->settle($setting), Wording::english())));
        }
        $this->addToAssertionCount(4);
    }

    /** @return iterable<string, array{string}> */
    public static function demo(): iterable
    {
        foreach (glob(dirname(Orchard::PATH).'/*.lampthread.json') ?: [] as $path) {
            yield basename($path, '.lampthread.json') => [$path];
        }
    }

    #[DataProvider('demo')]
    public function test_every_demo_job_is_complete_and_has_no_danger(string $path): void
    {
        $files = JobFile::standard(Orchard::shelf());
        $file = $files->decode((string) file_get_contents($path));
        $sizing = Sizing::of($files->brief($file), Orchard::shelf());
        $design = DesignPresenter::english($sizing, Orchard::shelf());
        Orchard::schema()->check('design', $this->sent($design));
        $svg = simplexml_load_string(ThreadsSvg::of($sizing, Wording::english()));

        self::assertNotFalse($svg, 'the drawing is well-formed');
        self::assertNotContains('danger', array_column($design['findings'], 'severity'));
        self::assertGreaterThan(20, strlen($file['job']['notes']));
        self::assertCount(count($design['drawings']['wide']['threads']), $design['drawings']['narrow']['threads']);
    }

    public function test_what_carries_what_is_live_and_what_is_dead(): void
    {
        $solver = new Solver(Orchard::sizing()->circuit);
        $cold = BenchPresenter::of($solver->settle(new OperatingConditions(Key::Run, 850, 20)), Wording::english());
        $hot = BenchPresenter::of($solver->settle(new OperatingConditions(Key::Run, 850, 100)), Wording::english());
        $wires = static fn (array $bench, string $of): array => array_keys(array_filter(
            (array) $bench['wires'],
            static fn (array $wire): bool => $wire[$of],
        ));

        self::assertSame([], $wires($cold, 'isCarrying'));
        self::assertSame(['W1', 'W2', 'W3', 'W6', 'W7', 'W9'], $wires($cold, 'isLive'));
        self::assertSame(['W1', 'W2', 'W3', 'W4', 'W5', 'W6', 'W7', 'W8'], $wires($hot, 'isCarrying'));
    }

    public function test_the_bench_hands_back_the_memory_it_needs_next_time(): void
    {
        $solver = new Solver(Orchard::sizing()->circuit);
        $hot = BenchPresenter::of($solver->settle(new OperatingConditions(Key::Run, 850, 93)), Wording::english());
        $memory = (array) $hot['memory'];
        $between = $solver->settle(ConditionsReader::read(['key' => 'run', 'coolantC' => 90], ['override' => ['off', 'on']], $memory));

        self::assertSame(1, $between->position('stage-1-switch'));
    }

    public function test_netlist_names_are_plain_and_unmistakable(): void
    {
        self::assertSame('0', SpiceNetlist::node('battery:-'));
        self::assertSame('battery_p', SpiceNetlist::node('battery:+'));
        self::assertSame('fan_1_n', SpiceNetlist::node('fan-1:-'));
        self::assertSame('fan_1_relay_87', SpiceNetlist::node('fan-1-relay:87'));
        $nodes = array_map(SpiceNetlist::node(...), Orchard::sizing()->circuit->terminals());
        self::assertSame(array_unique($nodes), $nodes);
    }

    /** @param  array<string, mixed>  $answer */
    private function sent(array $answer): mixed
    {
        return json_decode(json_encode($answer, JSON_THROW_ON_ERROR));
    }
}
