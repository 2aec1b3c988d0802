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
        $file = str_replace('"version": 5', '"version": 1', (string) file_get_contents(Orchard::PATH));
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

    /** Whoever is killed while the database is brought forward leaves one that opens; a hundred kills are sent by tests/long/attacks.mjs. */
    public function test_a_kill_while_it_is_brought_forward_strands_nobody(): void
    {
        $old = (string) gzdecode((string) file_get_contents(dirname(__DIR__).'/Databases/8ae867d.sqlite.gz'));
        foreach ([0.16, 0.22, 0.28, 0.34] as $at => $afterS) {
            file_put_contents("{$this->folder}/k{$at}.sqlite", $old);
            $run = self::process("{$this->folder}/k{$at}.sqlite", "{$this->folder}/backups", ['lamp:open']);
            $run->start();
            usleep((int) ($afterS * 1e6));
            $run->signal(SIGKILL);
            $run->wait();
            $again = $this->artisan("k{$at}", 'lamp:open');
            self::assertSame(0, $again->getExitCode(), $again->getErrorOutput());
        }
        self::assertSame("8 jobs read, 0 faults\n", $this->artisan('k3', 'lamp:verify')->getOutput());
    }

    /** Of what was acknowledged while it was restored, all is in the copy that was taken before or in what stands afterwards. */
    public function test_a_restore_while_somebody_writes_loses_nothing_that_was_acknowledged(): void
    {
        $this->demo();
        $backup = explode("\n", $this->artisan('a', 'lamp:backup')->getOutput())[0];
        $address = self::freeAddress();
        $server = new Process([PHP_BINARY, '-S', $address, '-t', 'public', 'server.php'], dirname(__DIR__, 2), [
            'LAMP_DATABASE' => "{$this->folder}/a.sqlite", 'LAMP_BACKUPS' => "{$this->folder}/backups", 'CACHE_STORE' => 'file', 'APP_ENV' => 'testing',
        ], timeout: null);
        $server->start();
        try {
            $write = static fn (string $id): bool => @file_get_contents("http://{$address}/api/jobs/orchard-sprayer/records", false, stream_context_create(['http' => [
                'method' => 'POST', 'header' => 'Content-Type: application/json', 'timeout' => 60,
                'content' => json_encode(['records' => [['id' => $id, 'kind' => 'note', 'step' => '', 'by' => 'QF', 'at' => '2026-11-20T09:00:00Z', 'text' => 'x']]]),
            ]])) !== false;
            while (! $write('acknowledged-first')) {
                usleep(50_000);
            }
            $acknowledged = ['acknowledged-first'];
            $restore = self::process("{$this->folder}/a.sqlite", "{$this->folder}/backups", ['lamp:restore', $backup, '--over']);
            $restore->start();
            for ($number = 0; $restore->isRunning() || $number < 5; $number++) {
                $acknowledged = [...$acknowledged, ...($write($id = sprintf('acknowledged-%05d', $number)) ? [$id] : [])];
            }
            self::assertSame(0, $restore->getExitCode(), $restore->getErrorOutput().$restore->getOutput());
            self::assertTrue($write('acknowledged-last'), 'the program goes on at once');
            $before = substr(strtok($restore->getOutput(), "\n") ?: '', strlen('before: '));
            $ids = static fn (string $path): array => ((new \PDO("sqlite:{$path}"))->query("SELECT id FROM records WHERE id LIKE 'acknowledged-%'") ?: throw new \LogicException)
                ->fetchAll(\PDO::FETCH_COLUMN);
            $after = $ids("{$this->folder}/a.sqlite");
            self::assertSame([], array_diff([...$acknowledged, 'acknowledged-last'], $ids($before), $after));
            self::assertNotContains('acknowledged-first', $after, 'it was restored');
            self::assertSame("6 jobs read, 0 faults\n", $this->artisan('a', 'lamp:verify')->getOutput());
        } finally {
            $server->stop(0);
        }
    }

    public function test_a_file_that_is_no_database_any_more_is_put_aside_and_the_backup_takes_its_place(): void
    {
        $this->demo();
        $backup = explode("\n", $this->artisan('a', 'lamp:backup')->getOutput())[0];
        file_put_contents("{$this->folder}/a.sqlite", str_repeat('no database ', 4000));

        self::assertSame(0, $this->artisan('a', "lamp:restore {$backup}")->getExitCode());
        self::assertSame("6 jobs read, 0 faults\n", $this->artisan('a', 'lamp:verify')->getOutput());
        self::assertCount(1, glob("{$this->folder}/a.sqlite.damaged-*") ?: []);
    }

    public function test_a_backup_dated_in_the_future_keeps_no_other_from_being_taken_and_is_told(): void
    {
        $this->demo();
        $taken = explode("\n", $this->artisan('a', 'lamp:backup')->getOutput())[0];
        touch($taken, time() + 400 * 86_400);
        self::assertStringContainsString('dated in the future: '.basename($taken), $this->artisan('a', 'lamp:health')->getOutput());
        self::assertStringContainsString('taken', $this->artisan('a', 'lamp:daily')->getOutput());
    }

    public function test_what_a_killed_backup_has_left_is_nobodys_to_read_and_goes(): void
    {
        $this->demo();
        $taken = explode("\n", $this->artisan('a', 'lamp:backup')->getOutput())[0];
        self::assertSame('0600', substr(sprintf('%o', fileperms($taken)), -4));
        $left = "{$this->folder}/backups/lamp-thread-20261101-000000-abcd-daily.sqlite.unfinished";
        touch($left);
        $this->artisan('a', 'lamp:daily');
        self::assertFileExists($left, 'another may be writing it');
        touch($left, time() - 7200);
        $this->artisan('a', 'lamp:daily');
        self::assertFileDoesNotExist($left);
    }

    /** Not in the database, its log, its index or among the answers: nor in the runs of practice on it. */
    public function test_what_is_erased_is_nowhere_any_more(): void
    {
        $this->demo();
        $word = 'Zwiebelfisch';
        $pdo = new \PDO("sqlite:{$this->folder}/a.sqlite");
        $pdo->exec("UPDATE revisions SET file = replace(file, 'Saltmarsh Lane orchards', '{$word}') WHERE job_id = 'orchard-sprayer'");
        $pdo->exec("UPDATE jobs SET customer = '{$word}', row = replace(row, 'Saltmarsh Lane orchards', '{$word}') WHERE id = 'orchard-sprayer'");
        $pdo->exec("UPDATE jobs SET deleted_at = '2026-11-20 10:00:00' WHERE id = 'orchard-sprayer'");
        $pdo->exec("UPDATE job_texts SET notes = '{$word} complains' WHERE job_id = 'orchard-sprayer'");
        $pdo->exec("INSERT INTO practice_runs (id, person, file, fault, class, seen, moves, job_id) VALUES ('r', 'x', '{$word}', '{}', 'x', '[]', '[]', 'orchard-sprayer')");
        unset($pdo);
        $address = self::freeAddress();
        $server = new Process([PHP_BINARY, '-S', $address, '-t', 'public', 'server.php'], dirname(__DIR__, 2), [
            'LAMP_DATABASE' => "{$this->folder}/a.sqlite", 'LAMP_BACKUPS' => "{$this->folder}/backups", 'CACHE_STORE' => 'array', 'APP_ENV' => 'testing',
        ], timeout: null);
        $server->start();
        try {
            do {
                usleep(50_000);
                $bin = @file_get_contents("http://{$address}/api/jobs?in=bin");
            } while ($bin === false);
            $job = json_decode($bin)->rows[0];
            self::assertSame($word, $job->customer);
            $erased = file_get_contents("http://{$address}/api/jobs/{$job->id}/erase", false, stream_context_create(['http' => [
                'method' => 'POST', 'header' => 'Content-Type: application/json', 'content' => json_encode(['version' => $job->version]),
            ]]));
            self::assertSame('', $erased);
            foreach (glob("{$this->folder}/a.sqlite*") ?: [] as $file) {
                self::assertStringNotContainsString($word, (string) file_get_contents($file), $file);
                self::assertStringNotContainsStringIgnoringCase('zwiebel', (string) file_get_contents($file), $file);
            }
        } finally {
            $server->stop(0);
        }
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

    private static function freeAddress(): string
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        assert(is_resource($socket));
        $address = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return $address;
    }

    /** @param  list<string>  $arguments */
    private static function onDatabase(string $database, string $backups, array $arguments): Process
    {
        $run = self::process($database, $backups, $arguments);
        $run->run();

        return $run;
    }

    /** @param  list<string>  $arguments */
    private static function process(string $database, string $backups, array $arguments): Process
    {
        $jit = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M'];

        return new Process([PHP_BINARY, ...$jit, 'artisan', ...$arguments], dirname(__DIR__, 2), [
            'LAMP_DATABASE' => $database, 'LAMP_BACKUPS' => $backups, 'CACHE_STORE' => 'array', 'APP_ENV' => 'testing',
        ], timeout: null);
    }
}
