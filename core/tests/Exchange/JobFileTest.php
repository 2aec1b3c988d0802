<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Brief\Changes;
use LampThread\Circuit\Component\ServicePlug;
use LampThread\Exchange\ControlSchema;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\JobFileUpgrade;
use LampThread\Message\InvalidInput;
use LampThread\Message\Problem;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class JobFileTest extends TestCase
{
    public function test_what_is_written_reads_back_the_same(): void
    {
        $files = JobFile::standard(Orchard::shelf());
        $file = $files->decode((string) file_get_contents(Orchard::PATH));

        self::assertSame($file, $files->decode(JobFile::encode($file)));
    }

    public function test_objects_without_entries_are_written_as_what_they_were(): void
    {
        $file = Orchard::file(['/control/lockouts' => [], '/usage' => [], '/runs' => [], '/pinned' => []]);
        $files = JobFile::standard(Orchard::shelf());

        self::assertNull($files->brief($files->decode(JobFile::encode($file)))->control->lockouts->engineSpeed);
    }

    /** @return iterable<string, array{string, list<string>}> file and the places that must be named */
    public static function unusable(): iterable
    {
        $orchard = (string) file_get_contents(Orchard::PATH);
        $with = static fn (string $what, string $instead): string => str_replace($what, $instead, $orchard);
        yield 'nothing' => ['', ['']];
        yield 'not JSON' => ['{"format":', ['']];
        yield 'NaN' => [$with('"restingV": 12.6', '"restingV": NaN'), ['']];
        yield 'a list' => ['[1,2]', ['/format']];
        yield 'another format' => ['{"format":"something"}', ['/format']];
        yield 'unknown version' => [$with('"version": 5', '"version": 9'), ['/version']];
        yield 'missing and misspelt' => [
            $with('"thermostatOpensC"', '"thermostatOpenC"'),
            ['/cooling/thermostatOpensC', '/cooling/thermostatOpenC'],
        ];
        yield 'negative' => [$with('"runA": 15.5', '"runA": -1'), ['/fans/0/runA']];
        yield 'zero' => [$with('"batteryAh": 70', '"batteryAh": 0'), ['/supply/batteryAh']];
        yield 'absurd' => [$with('"batteryAh": 70', '"batteryAh": 1e308'), ['/supply/batteryAh']];
        yield 'past all bounds' => [$with('"batteryAh": 70', '"batteryAh": 1e999'), ['/supply/batteryAh']];
        yield 'text for a number' => [$with('"batteryAh": 70', '"batteryAh": "big"'), ['/supply/batteryAh']];
        yield 'two things at once' => [
            str_replace('"mount": "puller"', '"mount": "sideways"', $with('"batteryAh": 70', '"batteryAh": -3')),
            ['/supply/batteryAh', '/fans/0/mount'],
        ];
        yield 'a fan no one has' => [
            $with('"fans": ["fan-1"]', '"fans": ["fan-7"]'),
            ['/control/stages/0/fans/0', '/control/stages'],
        ];
        yield 'a stretch no loom has' => [$with('"sensor": {', '"sensr": {'), ['/runs/sensr']];
        yield 'a part no shelf has' => [
            $with('"pinned": {}', '"pinned": {"fan-1-fuse": "blade-33"}'),
            ['/pinned/fan-1-fuse'],
        ];
        yield 'a choice there is not' => [
            $with('"pinned": {}', '"pinned": {"fan-9-fuse": "blade-30"}'),
            ['/pinned/fan-9-fuse'],
        ];
        yield 'a relay for a wire' => [
            $with('"pinned": {}', '"pinned": {"fan-1-wire": "blade-30"}'),
            ['/pinned/fan-1-wire'],
        ];
        yield 'off above on' => [$with('"offC": 87', '"offC": 95'), ['/control/stages/0/decider/offC']];
        yield '24 V battery in a 12 V system' => [
            $with('"restingV": 12.6', '"restingV": 25.2'),
            ['/supply/chargingV', '/supply/restingV'],
        ];
        yield 'longer than any job' => [str_repeat(' ', JobFile::MOST_BYTES + 1), ['']];
        yield 'too deep' => [str_repeat('[', 100).str_repeat(']', 100), ['']];
    }

    /** @param  list<string>  $places */
    #[DataProvider('unusable')]
    public function test_what_is_wrong_is_named_with_its_place(string $json, array $places): void
    {
        try {
            JobFile::standard(Orchard::shelf())->decode($json);
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            $named = array_map(static fn (Problem $problem): string => $problem->at, $unusable->problems);
            self::assertEqualsCanonicalizing($places, $named, $unusable->getMessage());
        }
    }

    /** Each kind of decider has its own fields; those of another are not kept. */
    public function test_a_decider_takes_no_field_of_another_kind(): void
    {
        try {
            Orchard::brief(['/control/stages/0/decider' => ['kind' => 'hand', 'spanK' => 8, 'onC' => 92, 'openReadsHot' => true]]);
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            self::assertEqualsCanonicalizing(
                ['/control/stages/0/decider/spanK', '/control/stages/0/decider/onC', '/control/stages/0/decider/openReadsHot'],
                array_map(static fn (Problem $problem): string => $problem->at, $invalid->problems),
            );
        }
    }

    /** schema/control.json is written from the classes by `php artisan lamp:schema`. */
    public function test_the_schema_of_the_control_ideas_is_that_of_their_classes(): void
    {
        self::assertStringEqualsFile(__DIR__.'/../../../schema/control.json', ControlSchema::json());
    }

    public function test_a_misspelt_field_is_guessed(): void
    {
        $this->expectExceptionMessage('/cooling/thermostatOpenC input.schema.unknown-nearest');
        JobFile::standard(Orchard::shelf())->decode(
            str_replace('"thermostatOpensC"', '"thermostatOpenC"', (string) file_get_contents(Orchard::PATH)),
        );
    }

    /** A loom that was built from a sheet of version 1 stays as it was built: without plugs of its own. */
    public function test_a_file_of_version_1_still_opens_and_is_of_this_version_from_then_on(): void
    {
        foreach (glob(dirname(Orchard::PATH).'/*.lampthread.json') ?: [] as $path) {
            $old = str_replace('"version": 5', '"version": 1', (string) file_get_contents($path));
            $file = Orchard::files()->decode($old);

            self::assertSame([JobFile::VERSION, false], [$file['version'], $file['wiring']['servicePlugs']], basename($path));
            self::assertSame($file, Orchard::files()->decode(JobFile::encode($file)));
            self::assertSame([], Sizing::of(Orchard::files()->brief($file), Orchard::shelf())->circuit->each(ServicePlug::class));
        }
        self::assertCount(1, Orchard::sizing()->circuit->each(ServicePlug::class));
    }

    /** In version 2 a fan could be called like a part of the circuit, and took its place. */
    public function test_a_job_of_version_3_keeps_its_override_its_lockout_and_its_original_wiring(): void
    {
        $old = json_decode((string) file_get_contents(Orchard::PATH), true);
        $old['version'] = 3;
        $old['control']['override'] = ['kind' => 'change-over', 'ratedA' => 16];
        unset($old['control']['overrides']);
        $old['control']['lockouts'] = ['aboveRpm' => 4200, 'cranking' => true];
        $old['control']['existingFuseA'] = 25;
        $old['control']['fuseBeforeA'] = 20;
        $old['control']['stages'][0]['decider'] = ['kind' => 'original', 'output' => 'computer', 'onC' => 96, 'offC' => 90, 'place' => 'engine-outlet', 'areaMm2' => 4];
        $file = Orchard::files()->decode((string) json_encode(JobFile::withObjects($old)));

        self::assertSame([['kind' => 'change-over', 'ratedA' => 16]], $file['control']['overrides']);
        self::assertSame(['cranking' => true, 'engineSpeed' => ['rpm' => 4200]], $file['control']['lockouts']);
        self::assertEquals(['fan-1-fuse' => ['ratedA' => 25, 'beforeA' => 20], 'fan-1-wire' => ['areaMm2' => 4]], $file['found']['parts']);
        self::assertSame(['computer', 'computer'], [$file['found']['control']['stages'][0]['decider']['kind'], $file['control']['stages'][0]['decider']['kind']]);
        self::assertSame([[], []], [$file['found']['control']['overrides'], $file['renewed']], 'the override is what comes');
        self::assertArrayNotHasKey('existingFuseA', $file['control']);
        self::assertSame(25.0, Orchard::files()->brief($file)->found?->part('fan-1-fuse')->ratedA);
    }

    /** An after-run of version 4 was started by the key or by a push; a switch can since. */
    public function test_what_started_an_after_run_of_version_4_still_does(): void
    {
        foreach (['key' => ['delayS' => 90, 'isPush' => false], 'push' => ['delayS' => 90, 'isPush' => true]] as $startedBy => $told) {
            $data = json_decode(JobFile::encode(Orchard::file()));
            $data->version = 4;
            unset($data->found, $data->renewed);
            $data->control->afterRun = (object) $told;
            $file = Orchard::files()->decode((string) json_encode($data));

            self::assertSame(5, $file['version']);
            self::assertSame(['delayS' => 90, 'startedBy' => $startedBy], $file['control']['afterRun']);
        }
    }

    public function test_fans_and_stages_of_version_2_are_numbered(): void
    {
        $old = [
            ...json_decode((string) file_get_contents(dirname(Orchard::PATH).'/larkspur-camper.lampthread.json'), true), 'version' => 2,
            'runs' => ['relay-to-fan@stud-wire' => ['lengthM' => 2.5], 'dash' => ['lengthM' => 2]],
            'pinned' => ['battery-fuse' => 'mini-25', 'stud-air-conditioning-relay' => 'relay-40'],
        ];
        $old['fans'][0]['id'] = 'battery';
        $old['fans'][1]['id'] = 'stud';
        $old['control']['stages'][0] = [...$old['control']['stages'][0], 'id' => 'alternator', 'fans' => ['battery']];
        $old['control']['stages'][1] = [...$old['control']['stages'][1], 'id' => 'vehicle', 'fans' => ['stud']];
        $new = JobFileUpgrade::upgraded(json_decode((string) json_encode($old)));

        self::assertSame(JobFile::VERSION, $new->version);
        self::assertSame(['fan-1', 'fan-2'], array_column($new->fans, 'id'));
        self::assertSame([['stage-1', ['fan-1']], ['stage-2', ['fan-2']]], array_map(static fn (\stdClass $one): array => [$one->id, $one->fans], $new->control->stages));
        self::assertSame(['relay-to-fan@fan-2-wire', 'dash'], array_keys((array) $new->runs));
        self::assertSame(['fan-1-fuse', 'fan-2-air-conditioning-relay'], array_keys((array) $new->pinned));
    }

    /** @param  array<string, mixed>  $changes */
    #[TestWith([['/fans/1/id' => 'fan-1'], '/fans/1/id'])]
    #[TestWith([['/control/stages/1/id' => 'stage-1'], '/control/stages/1/id'])]
    #[TestWith([['/fans/0/id' => 'alternator'], '/fans/0/id'])]
    #[TestWith([['/fans/0/id' => 'fan-2-fuse'], '/fans/0/id'])]
    public function test_an_id_is_a_number_and_there_once(array $changes, string $at): void
    {
        $file = JobDocument::of(Orchard::files()->decode((string) file_get_contents(dirname(Orchard::PATH).'/larkspur-camper.lampthread.json')))->with(Changes::of($changes))->file;
        try {
            Orchard::files()->decode(JobFile::encode($file));
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            self::assertContains($at, array_map(static fn (Problem $problem): string => $problem->at, $invalid->problems));
        }
    }

    public function test_what_is_no_version_1_file_is_refused_as_before(): void
    {
        foreach (['{"format":"lamp-thread/job","version":1}', '{"format":"lamp-thread/job","version":1,"wiring":7}'] as $json) {
            try {
                Orchard::files()->decode($json);
                self::fail('It was taken.');
            } catch (InvalidInput $invalid) {
                self::assertNotEmpty($invalid->problems);
            }
        }
    }

    /** A name that looks like a number is still a name. */
    public function test_a_run_named_by_a_number_is_refused_at_its_place(): void
    {
        try {
            Orchard::brief(['/runs/0' => ['lengthM' => 1]]);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame(['/runs/0'], array_map(static fn (Problem $problem): string => $problem->at, $refused->problems));
        }
    }
}
