<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use LampThread\Exchange\DriveCsv;
use LampThread\Road\Drives;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/**
 * Every door takes what is spoiled without a fault of its own, and keeps nothing of what it refuses. `bin/test` sends some; the long run,
 * LAMP_MUTATIONS=10000, sends so many to each door, and LAMP_SEED makes them others.
 */
final class DoorsTest extends TestCase
{
    private const USUAL = 32;

    private const MAPPING = ['time' => ['column' => 0, 'unit' => 's'], 'coolant' => ['column' => 1, 'unit' => 'C'], 'speed' => ['column' => 2, 'unit' => 'km/h']];

    private const LOG = "Time s;Coolant C;Speed km/h\n0;80,5;30\n1;81;31\n2;;32\n3;83;33\n10;85;30\n";

    /** @return iterable<string, array{string, string, string}> method, address, kind of body */
    public static function doors(): iterable
    {
        yield 'import' => ['POST', 'jobs/import', 'job'];
        yield 'mend' => ['POST', 'jobs/{job}/mend?version=1', 'job'];
        yield 'change' => ['POST', 'jobs/{job}/changes', 'change'];
        yield 'undo' => ['POST', 'jobs/{job}/undo', 'step'];
        yield 'stand on' => ['POST', 'jobs/{job}/revisions/1', 'step'];
        yield 'archive' => ['POST', 'jobs/{job}/archive', 'archive'];
        yield 'remove' => ['DELETE', 'jobs/{job}', 'step'];
        yield 'bench' => ['POST', 'jobs/{job}/bench', 'bench'];
        yield 'road' => ['POST', 'jobs/{job}/road', 'road'];
        yield 'sweep' => ['POST', 'jobs/{job}/tasks/sweep', 'road'];
        yield 'pairs' => ['POST', 'jobs/{job}/tasks/pairs', 'step'];
        yield 'columns of a log' => ['POST', 'log-columns', 'log'];
        yield 'import log' => ['POST', 'jobs/{job}/logs?name=x&mapping='.rawurlencode((string) json_encode(self::MAPPING)), 'log'];
        yield 'map log' => ['POST', 'jobs/{job}/logs?name=x', 'mapping'];
        yield 'write records' => ['POST', 'jobs/{job}/records', 'records'];
        yield 'photograph' => ['POST', 'jobs/{job}/photographs?id=abcdefgh&by=x&at=2026-11-26T09:00:00Z', 'picture'];
        yield 'make drive' => ['POST', 'jobs/{job}/road/drives/made', 'made'];
        yield 'import drive' => ['POST', 'jobs/{job}/road/drives?name=x', 'drive'];
        yield 'add part' => ['POST', 'shelf/parts', 'part'];
        yield 'change part' => ['POST', 'shelf/parts/own-fuse-bay', 'part'];
        yield 'import parts' => ['POST', 'shelf/import', 'parts'];
        yield 'list' => ['GET', 'jobs', 'query'];
        yield 'netlist' => ['GET', 'jobs/{job}/netlist.cir', 'query'];
    }

    #[DataProvider('doors')]
    public function test_a_door_refuses_what_is_spoiled_and_keeps_nothing_of_it(string $method, string $address, string $kind): void
    {
        $this->postJson('/api/shelf/parts', ['kind' => 'fuse', 'name' => 'Bay', 'typed' => ['price' => '1', 'family' => 'blade', 'ratedA' => '27', 'coldMilliohm' => '2']]);
        $this->startAnew();
        $random = new Randomizer(new Mt19937((int) getenv('LAMP_SEED')));
        $mutations = new Mutations($random);
        $id = $this->orchard()['id'];
        $refused = 0;
        $many = (int) (getenv('LAMP_MUTATIONS') ?: self::USUAL);
        for ($count = 0; $count < $many; $count++) {
            $this->startAnew();
            $body = $kind === 'query' ? '' : $this->body($kind, $mutations, $random);
            $to = '/api/'.str_replace('{job}', $id, $address).match ($kind) {
                'query' => '?'.$mutations->query(),
                'mapping' => '&mapping='.rawurlencode($mutations->json(json_decode((string) json_encode(self::MAPPING)))),
                default => '',
            };
            $before = $this->kept();
            DB::beginTransaction();
            try {
                $type = in_array($kind, ['drive', 'parts', 'log', 'mapping', 'picture'], true) ? 'text/csv' : 'application/json';
                $answer = $this->call($method, $to, server: ['CONTENT_TYPE' => $type], content: $body);
                $what = "{$method} {$to}\n".mb_substr(mb_scrub($body), 0, 1500);
                self::assertLessThan(500, $answer->getStatusCode(), $what."\n".($answer->baseResponse->exception ?? ''));
                if ($answer->isClientError()) {
                    self::assertSame($before, $this->kept(), $what);
                    self::assertNotEmpty($answer->json('problems'), $what);
                    self::assertLessThan(60_000, strlen((string) $answer->getContent()), $what);
                    $refused++;
                }
            } finally {
                DB::rollBack();
            }
        }
        // Almost any text has columns; which of them is what is told by hand.
        self::assertGreaterThan($address === 'log-columns' ? -1 : $many / 10, $refused);
    }

    private function body(string $kind, Mutations $mutations, Randomizer $random): string
    {
        $json = static fn (array $data): string => $mutations->json(json_decode((string) json_encode($data)));

        return match ($kind) {
            'job' => $mutations->json(json_decode((string) file_get_contents(
                dirname(Orchard::PATH).'/'.['orchard-sprayer', 'tern-step-van', 'kestrel-single-seater', 'larkspur-camper'][$random->getInt(0, 3)].'.lampthread.json',
            ))),
            'change' => $json([
                'version' => 1, 'label' => 'x', 'changes' => ['/fans/0/runA' => 12, '/runs/dash' => ['lengthM' => 2], '/control/overrides' => []],
                'typed' => ['/cooling/ceilingC' => '220F', '/pinned/fan-1-wire' => '4 mm2'], 'picks' => ['/addFan', '/stages/stage-1/side/options/supply'],
                'id' => 'change-12345', 'window' => 'window-12345', 'madeOn' => 1,
            ]),
            'step' => $json(['version' => 1]),
            'archive' => $json(['version' => 1, 'isArchived' => true]),
            'bench' => $json([
                'set' => ['key' => 'run', 'coolantC' => 95, 'override' => 'auto'], 'memory' => ['fan-1-relay' => 1], 'faults' => ['W3' => 'open'],
                'leads' => ['fan-1:+', 'fan-1:-'],
            ]),
            'road' => $json([
                'drive' => '3-queue', 'ambientC' => 30, 'startsC' => '80 C', 'altitudeM' => '500 ft', 'gapsK' => [4, 8], 'changes' => ['/fans/0/runA' => 9], 'label' => 'x',
            ]),
            'part' => $json(['kind' => 'fuse', 'name' => 'Y', 'typed' => ['price' => '1', 'family' => 'blade', 'ratedA' => '27', 'coldMilliohm' => '2'], 'version' => 1]),
            'log' => $mutations->text(self::LOG),
            'mapping' => self::LOG,
            'picture' => $mutations->text("\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0\0\x01\0\0\0\x01\x08\x06\0\0\0\x1f\x15\xc4\x89"),
            'records' => $json(['records' => [
                ['id' => 'abcdef012345', 'kind' => 'reading', 'step' => 'hot-1/volt/fan-1:+/fan-1:-', 'by' => 'x', 'at' => '2026-11-26T09:00:00Z', 'typed' => '12'],
                ['id' => 'abcdef012346', 'kind' => 'tick', 'step' => 'battery-off', 'by' => 'x', 'at' => '2026-11-26T09:00:00Z', 'done' => true],
            ]]),
            'made' => $json([
                'name' => 'Hill', 'startsC' => 20, 'ambientC' => 30, 'trailerKg' => 0, 'legs' => [
                    ['minutes' => 4, 'speedKmh' => 0, 'gradientPercent' => 0, 'engineRpm' => null, 'airConditioning' => false, 'keyOn' => true],
                    ['minutes' => 8, 'speedKmh' => 40, 'gradientPercent' => 8, 'engineRpm' => 3000, 'airConditioning' => true, 'keyOn' => true],
                ],
            ]),
            'drive' => $mutations->text(substr(DriveCsv::write(array_values(Drives::standard())[2]), 0, 3000)),
            default => $mutations->text("kind,name,price,family,rated_a,cold_milliohm\nfuse,Bay fuse,\"1,2\",blade,27,2.1\nfuse,Other,1,blade,3,20\n"),
        };
    }

    /** @return array<string, string> checksum of everything that is kept */
    private function kept(): array
    {
        $kept = [];
        foreach (['jobs', 'revisions', 'parts', 'drives', 'job_texts', 'job_own_parts'] as $table) {
            $kept[$table] = md5(DB::table($table)->orderBy($table === 'job_own_parts' ? 'job_id' : 'id')->get()->toJson());
        }

        return $kept;
    }
}
