<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Keep\Database;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\DB;
use LampThread\Tests\Orchard;
use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;

/** Another process wants to write in the middle of what somebody keeps: it waits, and what is kept is kept. */
final class TwoWritersTest extends FrameworkTestCase
{
    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->path = sys_get_temp_dir().'/lamp-two-'.bin2hex(random_bytes(4)).'.sqlite';
        config(['database.connections.sqlite.database' => $this->path, 'app.backups' => "{$this->path}-backups"]);
        DB::purge('sqlite');
        app(Database::class)->open();
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        array_map(unlink(...), glob("{$this->path}*") ?: []);
        parent::tearDown();
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function keeping(): iterable
    {
        $note = ['id' => 'note-one', 'kind' => 'note', 'step' => '', 'by' => 'QF', 'at' => '2026-11-20T09:00:00Z', 'text' => 'x'];
        yield 'the workshop on its papers' => ['workshop', ['name' => 'A yard', 'address' => '', 'money' => '', 'hourPrice' => 62.5]];
        yield 'a note' => ['jobs/{job}/records', ['records' => [$note]]];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('keeping')]
    public function test_what_is_kept_while_another_wants_to_write(string $door, array $body): void
    {
        $job = $this->call('POST', '/api/jobs/import', server: ['CONTENT_TYPE' => 'application/json'], content: (string) file_get_contents(Orchard::PATH))->json('id');
        $other = new PDO("sqlite:{$this->path}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 0]);
        $refused = 0;
        DB::listen(function (QueryExecuted $query) use ($other, &$refused): void {
            if (DB::transactionLevel() > 0 && str_starts_with($query->sql, 'select')) {
                try {
                    $other->exec("INSERT OR REPLACE INTO settings (name, value) VALUES ('other', 'x')");
                } catch (PDOException) {
                    $refused++;
                }
            }
        });
        for ($time = 0; $time < 2; $time++) {
            $this->postJson('/api/'.str_replace('{job}', $job, $door), $body)->assertOk();
        }
        self::assertGreaterThan(0, $refused, 'whoever writes holds the lock from the first reading on');
        self::assertSame(1, $other->exec("INSERT OR REPLACE INTO settings (name, value) VALUES ('other', 'x')"), 'and lets it go');
    }
}
