<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Keep\Database;
use App\Models\Job;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
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
