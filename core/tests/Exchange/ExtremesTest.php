<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Brief\Changes;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobSchema;
use LampThread\Exchange\Wording;
use LampThread\Handover\TestPlan;
use LampThread\Message\InvalidInput;
use LampThread\Proof\Proof;
use LampThread\Road\Drives;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The least and the most of every number a job file may have, one at a time and in pairs: each is worked out all the way, or refused at its place.
 * `bin/test --long` takes all of them, the usual run a sample.
 */
final class ExtremesTest extends TestCase
{
    /** Of the cases in the usual run one in so many. */
    private const SOME = 11;

    private const PAIRS = 12;

    /** Places of maps, whose entries have names of their own. */
    private const NAMES = ['/runs/*' => '/runs/relay-to-fan'];

    /** @return iterable<string, array{string, array<string, float>}> demo and its changes */
    public static function extremes(): iterable
    {
        $all = [];
        foreach (JobSchema::standard()->leaves() as $leaf => $schema) {
            $place = str_replace('*', '0', str_replace(array_keys(self::NAMES), array_values(self::NAMES), (string) $leaf));
            foreach (['minimum', 'maximum'] as $bound) {
                if (isset($schema->{$bound})) {
                    $all[] = [self::demoWith($place), $place, (float) $schema->{$bound}];
                }
            }
        }
        $seed = getenv('LAMP_SEED');
        foreach ($all as $at => [$demo, $place, $value]) {
            if ($seed !== false || $at % self::SOME === 0) {
                yield "{$place} {$value}" => [$demo, [$place => $value]];
            }
        }
        $random = new Randomizer(new Mt19937((int) $seed));
        for ($pair = 0; $pair < ($seed === false ? self::PAIRS : 10 * self::PAIRS); $pair++) {
            [$demo, $place, $value] = $all[$random->getInt(0, count($all) - 1)];
            [, $other, $with] = $all[$random->getInt(0, count($all) - 1)];
            yield "pair {$pair}: {$place} {$value}, {$other} {$with}" => [$demo, [$place => $value, $other => $with]];
        }
    }

    /** @param  array<string, float>  $changes */
    #[DataProvider('extremes')]
    public function test_an_extreme_is_worked_out_or_refused_at_its_place(string $demo, array $changes): void
    {
        try {
            $sizing = Sizing::of(Orchard::files()->checked(JobDocument::of(self::demo($demo))->with(Changes::of($changes))), Orchard::shelf());
        } catch (InvalidInput $refused) {
            self::assertNotSame([], array_filter($refused->problems, static fn ($problem): bool => $problem->at !== ''), 'the place is named');

            return;
        }
        foreach (Proof::of($sizing, Orchard::shelf())->findings as $finding) {
            self::assertStringNotContainsString('NAN', strtoupper(Wording::english()->text($finding->title())));
        }
        foreach ($sizing->choices as $choice) {
            foreach ($choice->taken->constraints as $constraint) {
                self::assertFalse(is_nan($constraint->value) || is_nan($constraint->limit), "{$choice->id} {$constraint->code}");
            }
        }
        $outcome = Vehicle::of($sizing)->drive(Drives::standard()['3-queue']);
        self::assertTrue($outcome->result->peakC > -60.0 && $outcome->result->peakC < 400.0, "{$outcome->result->peakC} °C");
        foreach ((new TestPlan($sizing))->steps() as $step) {
            self::assertFalse(is_nan($step->least) || is_nan($step->most), $step->id);
        }
    }

    /** The first demo that tells of the place, or of what it lies in. */
    private static function demoWith(string $place): string
    {
        foreach ([$place, dirname($place)] as $at) {
            foreach (['orchard-sprayer', 'larkspur-camper', 'dunmore-fire-tender', 'tern-step-van'] as $demo) {
                $found = self::demo($demo);
                foreach (array_slice(explode('/', $at), 1) as $step) {
                    $found = is_array($found) ? $found[$step] ?? null : null;
                }
                if ($found !== null) {
                    return $demo;
                }
            }
        }

        return 'orchard-sprayer';
    }

    /** @return array<string, mixed> */
    private static function demo(string $name): array
    {
        return json_decode((string) file_get_contents(dirname(Orchard::PATH)."/{$name}.lampthread.json"), true);
    }
}
