<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Wire;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Wording;
use LampThread\Loom\Loom;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Operation\Solver;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** One vehicle as it was found, another as it leaves: whatever was there, the new circuit does what it does with all its wiring new. */
final class FoundPairsTest extends TestCase
{
    /** Of some three thousand pairs. */
    private const PAIRS = 40;

    public function test_what_stays_does_what_new_wiring_does(): void
    {
        $jobs = self::jobs();
        $random = new Randomizer(new Mt19937((int) getenv('LAMP_SEED')));
        for ($pair = 0; $pair < (int) (getenv('LAMP_CASES') ?: self::PAIRS); $pair++) {
            [$found, $leaves] = [$jobs[$random->getInt(0, count($jobs) - 1)], $jobs[$random->getInt(0, count($jobs) - 1)]];
            $file = [...$leaves, 'found' => ['fans' => $found['fans'], 'control' => $found['control'], 'runs' => $found['runs'] ?? []], 'renewed' => []];
            $told = "{$found['control']['stages'][0]['decider']['kind']} → {$leaves['control']['stages'][0]['decider']['kind']}";
            $kept = Sizing::of(Orchard::files()->brief(Orchard::files()->decode(JobFile::encode($file))), Orchard::shelf());
            $new = Sizing::of(Orchard::files()->brief([...$leaves, 'found' => null, 'renewed' => []]), Orchard::shelf());

            self::assertSame(self::turning($new), self::turning($kept), $told);
            $lying = array_filter(array_map(static fn (Wire $wire): ?string => $wire->stretch->value === 'stub' ? null : $wire->foundId, $kept->circuit->wires));
            self::assertSame($lying, array_unique($lying), 'a wire that was there lies in one place');
            self::assertNotSame('', self::sheet($kept));
        }
    }

    /** Whoever adds dash switches moves no earth: what led to a stud leads to it. Only one that changes the minus over sits in it. */
    public function test_what_is_added_leaves_the_earths_where_they_are(): void
    {
        $paths = glob(dirname(__DIR__, 2).'/data/jobs/*.json') ?: [];
        $demos = array_map(static fn (string $path): array => Orchard::files()->decode((string) file_get_contents($path)), $paths);
        $kind = static fn (array $job): ?string => $job['control']['overrides'][0]['kind'] ?? null;
        $switched = array_filter([...self::jobs(), ...$demos], static fn (array $job): bool => ! in_array($kind($job), [null, 'change-over-both'], true));
        self::assertGreaterThan(5, count($switched));
        foreach ($switched as $job) {
            $found = ['fans' => $job['fans'], 'control' => [...$job['control'], 'overrides' => []], 'runs' => $job['runs'] ?? []];
            $sizing = Sizing::of(Orchard::files()->brief(Orchard::files()->decode(JobFile::encode([...$job, 'found' => $found, 'renewed' => []]))), Orchard::shelf());
            $was = $sizing->existing->circuit ?? self::fail('nothing was there');
            $earths = static fn (array $wires): array => array_values(array_filter($wires, static fn (Wire $wire): bool => str_starts_with($wire->to, 'earth-')));
            $now = array_column($earths($sizing->circuit->wires), 'to', 'from');
            foreach ($earths($was->wires) as $wire) {
                self::assertSame($wire->to, $now[$wire->from] ?? 'a splice', "{$job['job']['title']}: {$wire->from}");
            }
        }
    }

    /** @return list<bool> whether each fan turns, in the cold, hot, with the key out and while cranking */
    private static function turning(Sizing $sizing): array
    {
        $turning = [];
        foreach ([[Key::Run, 850, 20], [Key::Run, 850, 130], [Key::Off, 0, 130], [Key::Crank, 200, 130]] as [$key, $rpm, $coolantC]) {
            $point = (new Solver($sizing->circuit))->settle(new OperatingConditions($key, $rpm, $coolantC));
            foreach ($sizing->brief->fans as $fan) {
                $turning[] = $point->position($fan->id) !== 0;
            }
        }

        return $turning;
    }

    private static function sheet(Sizing $sizing): string
    {
        $items = array_merge(...array_map(static fn ($step): array => $step->items, Loom::of($sizing, Orchard::shelf())->steps));

        return implode("\n", array_map(static fn (Message $item): string => Wording::english()->text($item), $items));
    }

    /** @return list<array<string, mixed>> job files: vehicles as they come, and sound jobs */
    private static function jobs(): array
    {
        $files = [...array_column(iterator_to_array(RealArrangements::all(), false), 0), ...array_map(Orchard::file(...), array_values(SoundJobs::all()))];
        $jobs = [];
        foreach ($files as $file) {
            try {
                $jobs[] = Orchard::files()->decode(JobFile::encode($file));
            } catch (InvalidInput) {
                // What is refused by itself is no vehicle.
            }
        }

        return $jobs;
    }
}
