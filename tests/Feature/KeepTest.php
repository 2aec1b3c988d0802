<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Keep\Backup;
use App\Keep\Backups;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Backups and what becomes of them, with databases and processes of their own. */
final class KeepTest extends TestCase
{
    /** A database with the demo workshop, made once. */
    private static string $demo;

    private string $folder;

    public static function setUpBeforeClass(): void
    {
        self::$demo = (string) tempnam(sys_get_temp_dir(), 'lamp-demo');
        unlink(self::$demo);
        self::onDatabase(self::$demo, sys_get_temp_dir(), ['lamp:open']);
        (new \PDO('sqlite:'.self::$demo))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
    }

    public static function tearDownAfterClass(): void
    {
        array_map(unlink(...), glob(self::$demo.'*') ?: []);
    }

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/lamp-keep-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new \Illuminate\Filesystem\Filesystem)->deleteDirectory($this->folder);
    }

    public function test_a_backup_restores_into_an_empty_place_and_is_compared(): void
    {
        $this->demo();
        $taken = $this->artisan('a', 'lamp:backup');
        self::assertStringContainsString('6 jobs, 6 revisions', $taken->getOutput());
        $backup = explode("\n", $taken->getOutput())[0];

        self::assertSame(0, $this->artisan('a', "lamp:verify {$backup}")->getExitCode());
        $restored = $this->artisan('b', "lamp:restore {$backup}");
        self::assertSame("6 jobs are worked out, all of the same content as in the backup\n", $restored->getOutput());
        self::assertSame("6 jobs read, 0 faults\n", $this->artisan('b', 'lamp:verify')->getOutput());

        self::assertSame(1, $this->artisan('b', "lamp:restore {$backup}")->getExitCode(), 'what is there is not overwritten');
        self::assertStringContainsString('jobs in this place already', $this->artisan('b', "lamp:restore {$backup}")->getErrorOutput());
        self::assertSame(0, $this->artisan('b', "lamp:restore {$backup} --over")->getExitCode());
    }

    public function test_a_backup_that_is_not_as_it_was_taken_is_refused(): void
    {
        $this->demo();
        $backup = explode("\n", $this->artisan('a', 'lamp:backup')->getOutput())[0];
        $bytes = (string) file_get_contents($backup);
        file_put_contents($backup, substr_replace($bytes, 'X', (int) (strlen($bytes) / 2), 1));

        self::assertStringContainsString('checksum differs', $this->artisan('b', "lamp:restore {$backup}")->getErrorOutput());
        self::assertFileDoesNotExist("{$this->folder}/b.sqlite");
        unlink(Backup::manifestOf($backup));
        self::assertStringContainsString('is no backup', $this->artisan('b', "lamp:restore {$backup}")->getErrorOutput());
    }

    public function test_a_database_of_a_newer_program_is_not_touched(): void
    {
        $this->demo();
        $pdo = new \PDO("sqlite:{$this->folder}/a.sqlite");
        $pdo->exec("INSERT INTO migrations (migration, batch) VALUES ('2031_01_01_000001_hover', 9)");
        $refused = $this->artisan('a', 'lamp:open');

        self::assertSame(1, $refused->getExitCode());
        self::assertStringContainsString('newer program (2031_01_01_000001_hover)', $refused->getErrorOutput());
    }

    /** The database as the first version left it: its jobs, their histories and what was undone are all there afterwards. */
    public function test_a_database_of_the_first_version_comes_forward_after_a_backup(): void
    {
        foreach (['2026_11_23_000001_create_jobs', '2026_11_24_000001_create_parts'] as $migration) {
            $this->artisan('a', "migrate --force --path=database/migrations/{$migration}.php");
        }
        $pdo = new \PDO("sqlite:{$this->folder}/a.sqlite");
        $file = str_replace('"version": 4', '"version": 1', (string) file_get_contents(Orchard::PATH));
        $pdo->exec("INSERT INTO jobs (id, version, head, created_at, updated_at) VALUES ('old', 5, 2, '2026-11-01 10:00:00', '2026-11-01 10:00:00')");
        $insert = $pdo->prepare("INSERT INTO revisions (job_id, number, label, file, created_at, updated_at) VALUES ('old', ?, ?, ?, '2026-11-01', '2026-11-01')");
        foreach ([1 => 'Imported', 2 => 'Title', 3 => 'Undone'] as $number => $label) {
            $insert->execute([$number, $label, $file]);
        }
        self::assertSame(0, $this->artisan('a', 'lamp:open')->getExitCode());

        self::assertCount(1, glob("{$this->folder}/backups/*-before-migration.sqlite") ?: []);
        self::assertSame("7 jobs read, 0 faults\n", $this->artisan('a', 'lamp:verify')->getOutput());
        $query = $pdo->prepare("SELECT number, parent FROM revisions WHERE job_id = 'old' ORDER BY number");
        $query->execute();
        $parents = $query->fetchAll(\PDO::FETCH_KEY_PAIR);
        self::assertEquals([1 => null, 2 => 1, 3 => 2], $parents);
        $this->artisan('a', 'lamp:open');
        self::assertCount(1, glob("{$this->folder}/backups/*.sqlite") ?: [], 'nothing is pending any more');
    }

    public function test_of_those_taken_by_themselves_fourteen_are_kept(): void
    {
        $this->demo();
        self::assertStringContainsString('taken', $this->artisan('a', 'lamp:daily')->getOutput());
        self::assertSame('', $this->artisan('a', 'lamp:daily')->getOutput(), 'a day is not over');
        $hand = explode("\n", $this->artisan('a', 'lamp:backup')->getOutput())[0];
        foreach (glob("{$this->folder}/backups/*-daily.*") ?: [] as $path) {
            foreach (range(1, 20) as $day) {
                copy($path, (string) preg_replace('/-\d{8}-/', sprintf('-202601%02d-', $day), $path));
            }
            unlink($path);
        }
        touch($hand, time() - 90_000);
        $this->artisan('a', 'lamp:daily');

        self::assertCount(Backups::KEPT, glob("{$this->folder}/backups/*-daily.sqlite") ?: []);
        self::assertCount(Backups::KEPT, glob("{$this->folder}/backups/*-daily.json") ?: []);
        self::assertFileExists($hand);
    }

    public function test_everything_goes_out_in_open_formats(): void
    {
        $this->demo();
        self::assertSame("6 jobs, 0 own parts, 0 drives, 0 logs, 5 records\n", $this->artisan('a', "lamp:export-all {$this->folder}/out")->getOutput());
        self::assertCount(6, glob("{$this->folder}/out/*.lampthread.json") ?: []);
        self::assertSame(1, $this->artisan('a', "lamp:export-all {$this->folder}/out")->getExitCode(), 'a folder with something in it is left alone');
    }

    private function demo(): void
    {
        copy(self::$demo, "{$this->folder}/a.sqlite");
    }

    private function artisan(string $database, string $command): Process
    {
        return self::onDatabase("{$this->folder}/{$database}.sqlite", "{$this->folder}/backups", explode(' ', $command));
    }

    /** @param  list<string>  $arguments */
    private static function onDatabase(string $database, string $backups, array $arguments): Process
    {
        $jit = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M'];
        $run = new Process([PHP_BINARY, ...$jit, 'artisan', ...$arguments], dirname(__DIR__, 2), [
            'LAMP_DATABASE' => $database, 'LAMP_BACKUPS' => $backups, 'CACHE_STORE' => 'array', 'APP_ENV' => 'testing',
        ]);
        $run->setTimeout(120)->run();

        return $run;
    }
}
