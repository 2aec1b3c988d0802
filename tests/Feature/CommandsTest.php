<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Illuminate\Support\Facades\Artisan;
use LampThread\Exchange\JobFile;
use LampThread\Tests\Orchard;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class CommandsTest extends TestCase
{
    public function test_design_prints_what_the_schema_says(): void
    {
        $run = $this->command(['lamp:design', Orchard::PATH]);

        self::assertSame(0, $run->getExitCode());
        $this->assertFits('design', $run->getOutput());
    }

    public function test_design_ends_with_one_when_there_is_danger(): void
    {
        $path = $this->file(['/control/stages/0/decider/earthLead' => false]);

        self::assertSame(1, $this->command(['lamp:design', $path])->getExitCode());
    }

    public function test_prove_prints_the_proof_and_ends_with_one_when_there_is_danger(): void
    {
        $run = $this->command(['lamp:prove', Orchard::PATH]);
        self::assertSame(0, $run->getExitCode());
        $this->assertFits('proof', $run->getOutput());

        $run = $this->command(['lamp:prove', dirname(Orchard::PATH).'/kestrel-single-seater.lampthread.json', '--pretty']);
        self::assertSame(1, $run->getExitCode());
        self::assertStringContainsString('not-held-off', $run->getOutput());
    }

    public function test_road_drives_a_drive_and_names_those_there_are(): void
    {
        $run = $this->command(['lamp:road', Orchard::PATH, '--drive', '5-climb']);
        self::assertSame(0, $run->getExitCode());
        self::assertGreaterThan(90, json_decode($run->getOutput(), true)['peakC']);

        $run = $this->command(['lamp:road', Orchard::PATH, '--drive', 'moon']);
        self::assertSame(2, $run->getExitCode());
        self::assertStringContainsString('1-warm-up', $run->getErrorOutput());
    }

    public function test_road_drives_a_file_and_record_writes_one_of_a_device(): void
    {
        $path = tempnam(sys_get_temp_dir(), 'drive').'.csv';
        file_put_contents($path, "time_s,speed_kmh,engine_rpm\n0,20,1500\n100,20,1500\n200,20,1500\n");
        $run = $this->command(['lamp:road', Orchard::PATH, '--drive', $path]);
        unlink($path);
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());

        $run = $this->command(['lamp:record', Orchard::PATH, '--device', 'scan-tool', '--fault', 'drop-outs', '--fault', 'one-second-steps']);
        self::assertSame(0, $run->getExitCode());
        self::assertStringStartsWith('timestamp,ECT (C),', $run->getOutput());
        self::assertStringContainsString('NO DATA', $run->getOutput());
        foreach ([['--device', 'toaster'], ['--fault', 'rust'], ['--seed', 'x'], ['--drive', '/nowhere']] as $wrong) {
            $run = $this->command(['lamp:record', Orchard::PATH, ...$wrong]);
            self::assertSame(2, $run->getExitCode());
            self::assertStringContainsString($wrong[0], $run->getErrorOutput());
        }
    }

    public function test_handover_prints_the_tests_and_export_writes_papers(): void
    {
        $run = $this->command(['lamp:handover', Orchard::PATH]);
        self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
        $test = json_decode($run->getOutput(), true)['tests'][0];
        self::assertSame([], array_diff(['id', 'setting', 'leads', 'reads', 'expected', 'least', 'most'], array_keys($test)));
        $path = tempnam(sys_get_temp_dir(), 'paper');
        foreach (['pdf' => '%PDF', 'labels' => '%PDF', 'csv' => 'wire,', 'svg' => '<svg', 'spice' => 'Orchard'] as $kind => $begins) {
            $run = $this->command(['lamp:export', Orchard::PATH, '--as', $kind, '--out', $path], ['LAMP_DATABASE' => '/nowhere/none.sqlite']);
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            self::assertStringContainsString($begins, substr((string) file_get_contents($path), 0, 200));
        }
        unlink($path);
        self::assertSame(2, $this->command(['lamp:export', Orchard::PATH, '--as', 'poem'])->getExitCode());
        self::assertSame(2, $this->command(['lamp:export', Orchard::PATH, '--as', 'csv', '--out', '/nowhere/x'])->getExitCode());
    }

    /** A machine’s way in: each line that comes in has one that goes out, whatever it is, in the order they came. */
    public function test_job_files_come_as_lines_and_each_is_answered(): void
    {
        $orchard = Orchard::PATH;
        $reversed = json_decode(JobFile::encode(Orchard::file(['/fans/0/polarityReversed' => true])));
        foreach ([
            'lamp:design' => ['design', ['job' => $orchard], 0], 'lamp:prove' => ['proof', ['job' => $reversed], 1],
            'lamp:road' => ['road-outcome', ['job' => $orchard, 'drive' => '5-climb', 'altitude' => '900'], null],
            'lamp:handover' => ['test-plan', ['job' => $orchard], 0], 'lamp:trail' => ['trail-standing', ['job' => $orchard, 'seen' => ['never-runs']], 0],
        ] as $command => [$schema, $asked, $exit]) {
            $wrong = str_replace("\n", '', JobFile::encode(Orchard::file(['/fans/0/runA' => -1])));
            $lines = ['{"job":"/nowhere.json"}', "{\"job\":{$wrong}}", 'no JSON', '{"job":"'.$orchard.'","colour":"red"}', '', (string) json_encode($asked)];
            $run = $this->command([$command, '--lines'], input: implode("\n", [...$lines, $lines[5]])."\n");
            self::assertSame(0, $run->getExitCode(), $run->getErrorOutput());
            $answers = array_map(static fn (string $line): \stdClass => json_decode($line), array_filter(explode("\n", $run->getOutput())));
            self::assertSame([1, 2, 3, 4, 6, 7], array_column($answers, 'line'));
            foreach ($answers as $answer) {
                $this->assertFits('lines-answer', (string) json_encode($answer));
            }
            self::assertSame(['/nowhere.json', '/fans/0/runA', '', '/colour'], array_map(static fn (\stdClass $one): string => $one->problems[0]->at, array_slice($answers, 0, 4)));
            $this->assertFits($schema, (string) json_encode($answers[4]->answer));
            self::assertSame($exit ?? $answers[4]->exit, $answers[4]->exit, $command);
            self::assertEquals($answers[4]->answer, $answers[5]->answer, 'asked again it answers the same');
        }
    }

    public function test_bench_prints_one_settled_state(): void
    {
        $run = $this->command(['lamp:bench', Orchard::PATH, '--set', 'key=run', '--set', 'coolantC=95']);

        self::assertSame(0, $run->getExitCode());
        $this->assertFits('bench', $run->getOutput());
        self::assertTrue(json_decode($run->getOutput(), true)['fans']['fan-1']['isTurning']);
    }

    /** They work on a file alone: a workshop's database may not be there, or be in use. */
    public function test_commands_need_no_database(): void
    {
        foreach (['lamp:design', 'lamp:bench', 'lamp:prove', 'lamp:road', 'lamp:record', 'lamp:handover'] as $command) {
            $run = $this->command([$command, Orchard::PATH], ['LAMP_DATABASE' => '/nowhere/none.sqlite']);
            self::assertSame(0, $run->getExitCode(), $command.$run->getErrorOutput());
        }
    }

    public function test_bench_breaks_a_part(): void
    {
        $run = $this->command([
            'lamp:bench',
            Orchard::PATH,
            '--set',
            'key=run',
            '--set',
            'coolantC=95',
            '--fault',
            'fan-1-fuse=open',
        ]);

        self::assertSame(0, $run->getExitCode());
        self::assertFalse(json_decode($run->getOutput(), true)['fans']['fan-1']['isTurning']);
        $refused = $this->command(['lamp:bench', Orchard::PATH, '--fault', 'fan-1-fuse=melted']);
        self::assertSame(2, $refused->getExitCode());
        self::assertStringContainsString(
            'fan-1-fuse: can be broken like this: open, slight-joint, partial-joint, high-resistance, next-fuse-up, fuse-bridged.', $refused->getErrorOutput(),
        );
    }

    public function test_unusable_input_ends_with_two_and_names_each_place(): void
    {
        $path = $this->file(['/fans/0/runA' => -1, '/supply/batteryAh' => 'big']);
        $run = $this->command(['lamp:design', $path]);

        self::assertSame(2, $run->getExitCode());
        self::assertSame('', $run->getOutput());
        self::assertStringContainsString('/fans/0/runA: must be at least', $run->getErrorOutput());
        self::assertStringContainsString('/supply/batteryAh: must be number', $run->getErrorOutput());
        self::assertStringNotContainsString('#0', $run->getErrorOutput(), 'no stack trace');
        self::assertSame(2, $this->command(['lamp:design', '/nowhere.json'])->getExitCode());
        self::assertSame(2, $this->command(['lamp:bench', Orchard::PATH, '--set', 'key'])->getExitCode());
        self::assertSame(2, $this->command(['lamp:bench', Orchard::PATH, '--set', 'coolantC=hot'])->getExitCode());
    }

    public function test_a_file_of_fifty_megabytes_is_refused_without_being_read(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'lamp');
        $handle = fopen($path, 'w');
        self::assertIsResource($handle);
        ftruncate($handle, 50_000_000);
        fclose($handle);
        $run = $this->command(['lamp:design', $path]);
        unlink($path);

        self::assertSame(2, $run->getExitCode());
        self::assertStringContainsString('never more than 8000 kB', $run->getErrorOutput());
    }

    public function test_the_demo_adds_what_is_missing_and_never_touches_what_is_there(): void
    {
        Artisan::call('lamp:demo');
        $job = Job::findOrFail('orchard-sprayer');
        $this->postJson('/api/jobs/orchard-sprayer/changes', ['version' => 1, 'label' => 'mine', 'changes' => ['/job/title' => 'Mine']])->assertOk();
        Artisan::call('lamp:demo');
        self::assertSame('Mine', Job::findOrFail('orchard-sprayer')->file()['job']['title']);

        $job->delete();
        Artisan::call('lamp:demo');
        self::assertNull(Job::find('orchard-sprayer'), 'what was removed stays removed');
    }

    /**
     * @param  list<string>  $arguments
     * @param  array<string, string>  $environment
     */
    private function command(array $arguments, array $environment = [], ?string $input = null): Process
    {
        $process = new Process([PHP_BINARY, base_path('artisan'), ...$arguments], null, $environment, $input, timeout: null);
        $process->run();

        return $process;
    }

    /** @param  array<string, mixed>  $changes */
    private function file(array $changes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'lamp');
        file_put_contents($path, JobFile::encode(Orchard::file($changes)));

        return $path;
    }
}
