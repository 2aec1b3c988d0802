<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Keep\Database;
use App\Models\Job;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use LampThread\Exchange\JobFile;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * A small workshop as every version left it, `tests/Databases`: it is opened, and then worked in. `tests/Databases/keep NAME` adds that of the
 * present version.
 */
final class OldDatabasesTest extends FrameworkTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/lamp-old-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        config(['app.backups' => "{$this->folder}/backups"]);
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        (new Filesystem)->deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** @return iterable<string, array{string}> */
    public static function databases(): iterable
    {
        foreach (glob(dirname(__DIR__).'/Databases/*.sqlite.gz') ?: [] as $path) {
            yield basename($path, '.sqlite.gz') => [$path];
        }
    }

    #[DataProvider('databases')]
    public function test_a_workshop_of_an_earlier_version_is_opened_and_worked_in(string $path): void
    {
        $wasBehind = $this->open($path);
        $ids = $this->getJson('/api/jobs')->assertOk()->json('rows.*.id');
        self::assertNotSame([], $ids);
        foreach ([...$ids, ...$ids] as $id) {
            $this->anew();
            $this->getJson("/api/jobs/{$id}")->assertOk()->assertJsonPath('file.version', JobFile::VERSION);
        }
        self::assertSame(array_fill(0, count($ids), []), $this->getJson('/api/jobs')->json('rows.*.problems'));

        $worked = DB::table('revisions')->where('number', '>', 1)->orderByDesc('job_id')->distinct()->limit(2)->pluck('job_id')->all();
        foreach ($worked as $id) {
            $this->workOn($id);
        }
        $this->restoreTheBin();
        self::assertSame([], app(Database::class)->faults());
        self::assertCount($wasBehind ? 1 : 0, glob("{$this->folder}/backups/*-before-migration.sqlite") ?: []);
    }

    /** Upgrade, two people, a lost link, a restore in the middle of the day, an export read back, an erasure: after each step the job is used. */
    public function test_a_year_in_the_workshop(): void
    {
        $this->open(dirname(__DIR__).'/Databases/8ae867d.sqlite.gz');
        $id = 'larkspur-camper';
        $job = fn (): array => $this->anew()->getJson("/api/jobs/{$id}")->assertOk()->json();
        $change = fn (int $version, array $change): TestResponse => $this->anew()->postJson("/api/jobs/{$id}/changes", ['version' => $version, ...$change]);
        $begun = $job()['version'];

        // Two people, and a tablet whose answer is lost on the way.
        $change($begun, ['label' => 'Running current', 'typed' => ['/fans/0/runA' => '10.5 A'], 'id' => 'tablet-000001', 'window' => 'tablet-1'])->assertOk();
        $change($begun, ['label' => 'Notes', 'changes' => ['/job/notes' => 'x'], 'id' => 'desk-00000001', 'window' => 'desk-0001'])->assertConflict();
        $change($begun, ['label' => 'Running current', 'typed' => ['/fans/0/runA' => '10.5 A'], 'id' => 'tablet-000001', 'window' => 'tablet-1'])->assertOk();
        $change($job()['version'], ['label' => 'Notes', 'changes' => ['/job/notes' => 'Loud on hills'], 'id' => 'desk-00000002', 'window' => 'desk-0001'])->assertOk();
        self::assertSame([10.5, 'Loud on hills'], [$job()['file']['fans'][0]['runA'], $job()['file']['job']['notes']]);

        // A backup, half a day's work, and back to the backup: the half day is in the copy that was taken before.
        Artisan::call('lamp:backup');
        $backup = explode("\n", Artisan::output())[0];
        $kept = $job()['version'];
        $change($kept, ['label' => 'Length', 'changes' => ['/runs/relay-to-fan/lengthM' => 2.2], 'id' => 'desk-00000003'])->assertOk();
        self::assertSame(0, Artisan::call('lamp:restore', ['backup' => $backup, '--over' => true]), Artisan::output());
        self::assertSame($kept, $job()['version']);
        $change($kept, ['label' => 'Length', 'changes' => ['/runs/relay-to-fan/lengthM' => 2.2], 'id' => 'desk-00000003'])->assertOk();
        $this->anew()->postJson("/api/jobs/{$id}/undo", ['version' => $job()['version']])->assertOk();
        $this->anew()->postJson("/api/jobs/{$id}/redo", ['version' => $job()['version']])->assertOk()->assertJsonPath('file.runs.relay-to-fan.lengthM', 2.2);

        // Out and in again, into a shop that has forgotten every answer.
        $exported = (string) $this->anew()->get("/api/jobs/{$id}/file")->assertOk()->getContent();
        app('cache')->store()->clear();
        $copy = $this->anew()->call('POST', '/api/jobs/import', server: ['CONTENT_TYPE' => 'application/json'], content: $exported)->assertCreated()->json('id');
        self::assertSame($exported, (string) $this->anew()->get("/api/jobs/{$copy}/file")->getContent());
        $this->anew()->postJson("/api/jobs/{$copy}/changes", ['version' => 1, 'label' => 'Add a fan', 'picks' => ['/addFan']])->assertOk()->assertJsonCount(3, 'file.fans');

        // Erased: the rest of the shop goes on, and what is left of old work is cleared away.
        $this->anew()->deleteJson("/api/jobs/{$id}", ['version' => $job()['version']])->assertNoContent();
        $this->anew()->postJson("/api/jobs/{$id}/erase", ['version' => $this->getJson('/api/jobs?in=bin')->json('rows.0.version')])->assertNoContent();
        $this->getJson("/api/jobs/{$id}")->assertNotFound();
        self::assertSame(0, DB::table('sent_changes')->where('job_id', $id)->count());
        $this->anew()->getJson("/api/jobs/{$copy}")->assertOk()->assertJsonPath('version', 2);
        $this->anew()->postJson("/api/jobs/{$copy}/tasks/sweep", ['gapsK' => [5]])->assertOk();
        $this->travel(31)->days();
        Artisan::call('lamp:daily');
        self::assertSame([0, 0], [DB::table('tasks')->count(), DB::table('sent_changes')->count()]);
        self::assertSame([], app(Database::class)->faults());
    }

    public function test_the_newest_of_them_is_of_the_present_version(): void
    {
        $known = array_map(static fn (string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
        $kept = [];
        foreach (self::databases() as [$path]) {
            file_put_contents("{$this->folder}/one.sqlite", (string) gzdecode((string) file_get_contents($path)));
            $pdo = new \PDO("sqlite:{$this->folder}/one.sqlite");
            $column = static fn (string $sql): array => ($pdo->query($sql) ?: throw new \LogicException($sql))->fetchAll(\PDO::FETCH_COLUMN);
            $kept[] = [...$column("SELECT max(json_extract(file, '$.version')) FROM revisions"), $column('SELECT migration FROM migrations ORDER BY migration')];
        }
        self::assertContains([JobFile::VERSION, $known], $kept, 'Job file or tables have changed: keep a database of this version, tests/Databases/keep NAME.');
    }

    /** A change, all of its history back to the beginning, the way forward again, a paper, and its file out and in again. */
    private function workOn(string $id): void
    {
        $job = fn (): array => $this->anew()->getJson("/api/jobs/{$id}")->assertOk()->json();
        $this->postJson("/api/jobs/{$id}/changes", ['version' => $job()['version'], 'label' => 'Running current', 'typed' => ['/fans/0/runA' => '11 A']])->assertOk();
        $oldest = null;
        for ($step = $job(); $step['undoes'] !== null; $step = $job()) {
            $this->postJson("/api/jobs/{$id}/undo", ['version' => $step['version']])->assertOk();
            $oldest = $step['undoes'];
        }
        self::assertNotNull($oldest, 'it has a history');
        $this->postJson("/api/jobs/{$id}/redo", ['version' => $job()['version']])->assertOk();
        $this->get("/api/jobs/{$id}/parts.csv")->assertOk();
        self::assertStringStartsWith('%PDF', (string) $this->get("/api/jobs/{$id}/labels.pdf")->assertOk()->getContent());

        $exported = (string) $this->get("/api/jobs/{$id}/file")->assertOk()->getContent();
        app('cache')->store()->clear();
        $copy = $this->anew()->call('POST', '/api/jobs/import', server: ['CONTENT_TYPE' => 'application/json'], content: $exported)->assertCreated()->json('id');
        app('cache')->store()->clear();
        $again = (string) $this->anew()->get("/api/jobs/{$copy}/file")->assertOk()->getContent();
        self::assertSame(json_decode($exported, true)['fans'], json_decode($again, true)['fans']);
        self::assertSame($again, (string) $this->get("/api/jobs/{$copy}/file")->getContent());
    }

    private function restoreTheBin(): void
    {
        foreach (Job::onlyTrashed()->pluck('id') as $id) {
            $this->postJson("/api/jobs/{$id}/restore")->assertNoContent();
            $this->anew()->getJson("/api/jobs/{$id}")->assertOk();
        }
    }

    /** @return bool whether it was of an earlier version */
    private function open(string $path): bool
    {
        file_put_contents("{$this->folder}/workshop.sqlite", (string) gzdecode((string) file_get_contents($path)));
        config(['database.connections.sqlite.database' => "{$this->folder}/workshop.sqlite"]);
        DB::purge('sqlite');
        $database = app(Database::class);
        $wasBehind = $database->pending() !== [];
        $database->open();

        return $wasBehind;
    }

    /** As in a server each request begins without what the last one made. */
    private function anew(): self
    {
        $this->app?->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }

        return $this;
    }
}
