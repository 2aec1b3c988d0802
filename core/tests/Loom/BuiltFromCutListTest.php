<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Wire;
use LampThread\Exchange\CutListCsv;
use LampThread\Exchange\Wording;
use LampThread\Loom\Loom;
use LampThread\Operation\Solver;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Operation\Ngspice;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Somebody has the parts and the cut list, nothing else: what is built of its rows does what the bench shows. */
final class BuiltFromCutListTest extends TestCase
{
    /** Lengths are cut to the centimetre and copper is as warm as it happens to be. */
    private const SAME_V = 0.15;

    /** @return iterable<string, array{Sizing}> */
    public static function jobs(): iterable
    {
        $files = Orchard::files();
        foreach (glob(dirname(Orchard::PATH).'/*.lampthread.json') ?: [] as $path) {
            yield basename($path) => [Sizing::of($files->brief($files->decode((string) file_get_contents($path))), Orchard::shelf())];
        }
        foreach (Combination::eachDecider() as $name => $changes) {
            yield $name => [Orchard::sizing($changes)];
        }
        $more = [
            'after-run by key, both lockouts' => ['/control/afterRun' => ['delayS' => 200], '/control/lockouts' => ['engineSpeed' => ['rpm' => 4000], 'cranking' => true]],
            'on and run-on by one switch' => ['/control/afterRun' => ['delayS' => 90, 'startedBy' => 'switch']],
            'after-run by a push, feed relay' => ['/control/afterRun' => ['delayS' => 90, 'startedBy' => 'push'], '/control/feedRelay' => true],
            'relay on the clutch, three positions' => [
                '/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'separate-relay'],
                '/control/overrides' => [['kind' => 'three-position', 'indicator' => true]],
            ],
        ];
        foreach ($more as $name => $changes) {
            yield $name => [Orchard::sizing($changes)];
        }
    }

    #[DataProvider('jobs')]
    public function test_a_circuit_of_the_rows_alone_is_in_every_state_as_the_bench_is(Sizing $sizing): void
    {
        $built = self::built($sizing);
        $theirs = new Solver($built);
        $ours = new Solver($sizing->circuit);
        $sampled = [];
        foreach (OperatingEnvelope::conditions($sizing->circuit) as $at => $conditions) {
            $point = $theirs->settle($conditions);
            $bench = $ours->settle($conditions);
            self::assertSame($bench->positions, $point->positions, $conditions->inputs);
            foreach ($sizing->circuit->terminals() as $terminal) {
                self::assertEqualsWithDelta($bench->voltages->at($terminal), $point->voltages->at($terminal), self::SAME_V, "{$terminal}, {$conditions->inputs}");
            }
            if ($at % 7 === 0 && $point->isSettled()) {
                $sampled[$conditions->inputs] = $point;
            }
        }
        Ngspice::assertAgrees(array_slice($sampled, 0, 6));
    }

    /** The components as they are marked; every wire from a row of the CSV, and from nothing else but what was there already. */
    private static function built(Sizing $sizing): Circuit
    {
        $circuit = $sizing->circuit;
        $terminals = [];
        foreach ($circuit->terminals() as $terminal) {
            $terminals[Orchard::english($circuit->terminalName($terminal))] = $terminal;
        }
        $conductors = [];
        foreach (Orchard::shelf()->catalogue($sizing->brief->wiring->catalogue) as $conductor) {
            $conductors[$conductor->designation] = $conductor;
        }
        $csv = CutListCsv::of(Loom::of($sizing, Orchard::shelf()), Wording::english());
        $rows = array_map(static fn (string $line): array => array_map(strval(...), str_getcsv($line)), preg_split('/\R/', trim($csv)) ?: []);
        $wires = array_values(array_filter($circuit->wires, static fn (Wire $wire): bool => $wire->segment->given !== null));
        $segment = $sizing->brief->segment(Stretch::Sensor);
        foreach (array_slice($rows, 1) as [$id, $from, $to, $colour, $size, , $lengthM]) {
            $wires[] = new Wire(
                $id, $terminals[$from], $terminals[$to], Stretch::Sensor, new \LampThread\Brief\Segment((float) $lengthM, $segment->zone, $segment->ambientC),
                Colour::from($colour), '', $conductors[$size], 70.0,
            );
        }

        return new Circuit($circuit->components, $wires, []);
    }
}
