<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Design\Designs;
use App\Desk\Program;
use App\Models\Content;
use App\Models\Job;
use App\Models\JobRow;
use App\People\Person;
use App\People\Role;
use App\People\Visitor;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use LampThread\Exchange\Wording;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The program open to the shop: who comes in, what each may do, and what is written down. */
final class PeopleTest extends TestCase
{
    private const PASSWORD = 'a lamp on a thread';

    protected function setUp(): void
    {
        parent::setUp();
        config(['app.accounts' => true, 'app.key' => 'base64:'.base64_encode(str_repeat('k', 32)), 'session.driver' => 'array', 'hashing.bcrypt.rounds' => 4]);
    }

    public function test_nobody_gets_further_than_the_door(): void
    {
        $this->getJson('/api/session')->assertOk()->assertJsonPath('isAsked', true)->assertJsonPath('mayChange', false);
        foreach (['jobs', 'shelf', 'health', 'people', 'jobs/orchard-sprayer', 'jobs/orchard-sprayer/file'] as $address) {
            $this->getJson("/api/{$address}")->assertUnauthorized();
        }
        $this->postJson('/api/jobs', ['arrangement' => null])->assertUnauthorized();
        self::assertSame(0, DB::table('jobs')->count());
    }

    public function test_the_first_owner_comes_in_by_a_code_of_the_terminal_once(): void
    {
        $code = $this->code();
        $this->choose('Owner', 'WRONG-CODES')->assertUnprocessable()->assertJsonPath('problems.0.at', '/code');
        $this->choose('Owner', $code, 'short')->assertUnprocessable()->assertJsonPath('problems.0.at', '/password');
        $this->choose('Owner', strtolower($code))->assertOk()->assertJsonPath('person', ['name' => 'Owner', 'role' => 'owner']);
        $this->choose('Owner', $code)->assertUnprocessable();
        $this->fits('session', $this->getJson('/api/session'));
        $this->fits('people', $this->getJson('/api/people')->assertOk());
        $this->deleteJson('/api/session')->assertOk()->assertJsonPath('person', null);
        self::assertSame('', $this->code(), 'the door is closed behind the first');
    }

    public function test_a_wrong_password_is_refused_as_a_wrong_name_is_and_not_often(): void
    {
        $this->person('Hob', Role::Fitter);
        $wrong = $this->postJson('/api/session', ['name' => 'Hob', 'password' => 'guess'])->assertUnprocessable()->json('problems');
        self::assertSame($wrong, $this->postJson('/api/session', ['name' => 'Nob', 'password' => 'guess'])->assertUnprocessable()->json('problems'));
        foreach (range(1, 4) as $_) {
            $this->postJson('/api/session', ['name' => 'hob', 'password' => 'guess']);
        }
        $this->postJson('/api/session', ['name' => 'Hob', 'password' => self::PASSWORD])->assertTooManyRequests();
        $this->travel(61)->seconds();
        $this->postJson('/api/session', ['name' => 'Hob', 'password' => self::PASSWORD])->assertOk();
        self::assertSame(['session.begin', ...array_fill(0, 6, 'session.refused')], DB::table('audit')->orderByDesc('id')->pluck('action')->all());
    }

    public function test_each_role_does_what_it_may(): void
    {
        $may = [];
        foreach (Role::cases() as $role) {
            $this->actingAs($this->person($role->value, $role));
            $started = $this->postJson('/api/jobs', ['arrangement' => null]);
            $may[$role->value] = [
                $this->getJson('/api/jobs')->status(), $started->status(), $this->getJson('/api/people')->status(),
                $this->postJson('/api/shelf/parts', ['name' => 'x'])->status(), $this->postJson('/api/people/customers', ['hidesCustomers' => false])->status(),
            ];
        }

        self::assertSame(['owner' => [200, 201, 200, 422, 200], 'fitter' => [200, 201, 403, 422, 403], 'reader' => [200, 403, 403, 403, 403]], $may);
    }

    public function test_a_reader_sees_no_customer_if_so_set(): void
    {
        $this->actingAs($this->person('Fay', Role::Fitter));
        $id = $this->orchard()['id'];
        $told = ['/job/customer' => 'Quillfeather', '/job/notes' => 'Key under the mat'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => $told])->assertOk();
        $this->actingAs($this->person('Rod', Role::Reader));
        self::assertStringContainsString('Quillfeather', (string) $this->getJson('/api/jobs')->getContent());
        Visitor::hideCustomers(true);
        $views = array_map(static fn (string $view): string => "jobs/{$id}{$view}", ['', '/file', '/proof', '/threads.svg', '/cut-list.csv', '/netlist.cir?key=run']);
        foreach (['jobs', 'jobs?search=sprayer', 'jobs?sort=customer', ...$views, 'shelf', 'health'] as $address) {
            $seen = (string) $this->get("/api/{$address}")->assertOk()->getContent();
            self::assertStringNotContainsString('Quillfeather', $seen, $address);
            self::assertStringNotContainsString('under the mat', $seen, $address);
        }
        self::assertSame([], $this->getJson('/api/jobs?search=quill')->json('rows'), 'nor is it found by it');
        self::assertSame([], $this->getJson('/api/jobs?search=mat')->json('rows'));
        self::assertCount(1, $this->getJson('/api/jobs?search=sprayer')->json('rows'));
    }

    /** Words that are planted wherever people write are seen through no door at all; whoever may see customers sees them. */
    public function test_no_door_and_no_paper_shows_a_reader_what_is_kept_from_them(): void
    {
        $this->actingAs($this->person('Fay', Role::Fitter));
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/job/customer' => 'Planted one', '/job/notes' => 'Planted two']])->assertOk();
        $record = static fn (string $kind, int $at): array => [
            'id' => "planted-record-{$at}", 'kind' => $kind, 'step' => '', 'by' => 'Planted by', 'at' => '2026-11-20T09:00:00Z', 'text' => "Planted {$kind}",
        ];
        $this->postJson("/api/jobs/{$id}/records", ['records' => array_map($record, ['note', 'complaint', 'sign-off'], [1, 2, 3])])->assertOk();
        $picture = base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==');
        $album = "/api/jobs/{$id}/photographs?id=planted-picture&by=x&at=2026-11-20T09:00:00Z";
        $this->call('POST', $album, server: ['CONTENT_TYPE' => 'application/octet-stream'], content: $picture)->assertCreated();
        $run = $this->postJson('/api/practice', ['person' => 'x', 'job' => $id, 'grade' => 'easy'])->assertCreated()->json('id');
        self::assertSame(4, DB::table('records')->count());
        self::assertNotSame('2026-11-20 09:00:00', DB::table('records')->where('kind', 'sign-off')->value('at'), 'when it was signed is the server’s to say');
        self::assertSame('Fay', DB::table('records')->where('kind', 'sign-off')->value('by'), 'and who');

        $looked = function () use ($id, $run): array {
            $seen = [];
            foreach (Route::getRoutes()->getRoutes() as $route) {
                $address = strtr($route->uri(), [
                    '{job}' => $id, '{number}' => '1', '{kind}' => 'pairs', '{run}' => $run, '{record}' => 'planted-picture', '{drive}' => '3-queue', '{device}' => 'logger',
                ]);
                if (in_array('GET', $route->methods(), true) && str_starts_with($address, 'api/jobs') && ! str_contains($address, '{')) {
                    $this->startAnew();
                    $seen[$address] = self::text($this->get("/{$address}"));
                }
            }

            return [...$seen, 'practice' => self::text($this->getJson("/api/practice/{$run}")), 'jobs' => self::text($this->getJson('/api/jobs'))];
        };
        $planted = static fn (array $seen): array => array_keys(array_filter($seen, static fn (string $text): bool => str_contains($text, 'Planted')));
        self::assertSame(
            ['api/jobs', "api/jobs/{$id}", "api/jobs/{$id}/file", "api/jobs/{$id}/dossier.pdf", "api/jobs/{$id}/handover", 'jobs'], $planted($looked()),
        );
        self::assertGreaterThan(20, count($looked()));
        $this->actingAs($this->person('Rod', Role::Reader));
        Visitor::hideCustomers(true);
        self::assertSame([], $planted($looked()));
        $this->get("/api/jobs/{$id}/photographs/planted-picture")->assertNotFound();
        $this->getJson("/api/jobs/{$id}/handover")->assertJsonPath('lacks.signOff', false);
    }

    /** @param  TestResponse<Response>  $answer */
    private static function text(TestResponse $answer): string
    {
        $content = (string) $answer->getContent();
        if (! str_starts_with($content, '%PDF')) {
            return $content;
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($path, $content);
        $text = (string) shell_exec('pdftotext '.escapeshellarg($path).' -');
        unlink($path);

        return $text;
    }

    public function test_before_the_shop_is_open_nobody_is_let_in_but_from_the_terminal(): void
    {
        config(['app.accounts' => false]);
        foreach ([['POST', ''], ['POST', '/1/code'], ['POST', '/1/role'], ['DELETE', '/1'], ['POST', '/customers'], ['GET', '']] as [$method, $address]) {
            $this->json($method, "/api/people{$address}", ['name' => 'Mallory', 'role' => 'owner', 'hidesCustomers' => false])->assertForbidden();
        }
        self::assertSame(0, Person::query()->count());
        // By whatever way they came: whoever no owner and no terminal has let in is out once the shop opens.
        $planted = Person::query()->create(['name' => 'Mallory', 'role' => Role::Owner]);
        $code = $planted->giveCode();
        config(['app.accounts' => true]);
        $this->code();
        $this->choose('Mallory', $code)->assertUnprocessable();
        self::assertSame(['Owner'], Person::query()->pluck('name')->all());
    }

    public function test_a_shop_without_an_owner_gets_one_from_the_terminal(): void
    {
        $this->person('Fay', Role::Fitter);
        self::assertSame(1, Artisan::call('lamp:code', ['name' => 'Gil']));
        self::assertSame(0, Artisan::call('lamp:code', ['name' => 'Fay', '--owner' => true]));
        self::assertSame(Role::Owner, Person::query()->where('name', 'Fay')->firstOrFail()->role);
    }

    /** Latin Bea, and what looks like her: a Cyrillic e, signs that are not seen, a figure for a letter. */
    #[TestWith(["B\u{0435}a"])]
    #[TestWith(["Bea\u{200B}"])]
    #[TestWith(["\u{202E}aeB"])]
    #[TestWith(["Be\na"])]
    #[TestWith(['BEA'])]
    #[TestWith([' Bea  '])]
    #[TestWith(['   '])]
    #[TestWith(['42'])]
    public function test_a_name_that_is_taken_for_another_is_refused(string $name): void
    {
        $this->actingAs($this->person('Ada', Role::Owner));
        $this->person('Bea', Role::Fitter);
        $this->postJson('/api/people', ['name' => $name, 'role' => 'fitter'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/name');
        $this->postJson('/api/people', ['name' => 'Zoë  Ørsted-Müller', 'role' => 'fitter'])->assertCreated()->assertJsonPath('name', 'Zoë Ørsted-Müller');
    }

    public function test_a_reader_stops_nobodys_work_and_fills_no_queue(): void
    {
        Queue::fake();
        $this->actingAs($this->person('Fay', Role::Fitter));
        $ids = array_map(fn (): string => $this->orchard()['id'], range(1, 4));
        $task = $this->postJson("/api/jobs/{$ids[0]}/tasks/plans", ['complaints' => ['noise']])->assertOk()->json('id');
        $this->actingAs($this->person('Rod', Role::Reader));
        $this->deleteJson("/api/tasks/{$task}")->assertForbidden();
        $this->postJson("/api/jobs/{$ids[0]}/tasks/plans", ['complaints' => ['hot-in-traffic']])->assertOk();
        $this->getJson("/api/tasks/{$task}")->assertJsonPath('state', 'waiting');
        $this->postText("/api/jobs/{$ids[1]}/tasks/pairs", '{}')->assertOk();
        $own = $this->postText("/api/jobs/{$ids[2]}/tasks/pairs", '{}')->assertOk()->json('id');
        $this->postText("/api/jobs/{$ids[3]}/tasks/pairs", '{}')->assertTooManyRequests();
        $this->deleteJson("/api/tasks/{$own}")->assertOk();
        self::assertSame(['role.refused', 'task.stop'], DB::table('audit')->where('person', 'Rod')->pluck('action')->sort()->values()->all());
    }

    public function test_what_is_taken_out_of_the_shop_stands_in_the_trail(): void
    {
        $this->actingAs($this->person('Rod', Role::Reader));
        $job = Job::start($this->content(), 'x');
        $this->get("/api/jobs/{$job->id}/file")->assertOk();
        $this->get("/api/jobs/{$job->id}/dossier.pdf")->assertOk();
        $this->postJson('/api/jobs', ['arrangement' => null])->assertForbidden();
        self::assertSame([['job.file', $job->id], ['job.dossier', $job->id], ['role.refused', 'POST api/jobs']], DB::table('audit')->get()->map(
            static fn (object $row): array => [data_get($row, 'action'), data_get($row, 'subject')],
        )->all());
    }

    public function test_the_frameworks_own_door_to_files_is_closed(): void
    {
        foreach (['local', 'production'] as $environment) {
            $this->app?->detectEnvironment(static fn (): string => $environment);
            $addresses = array_map(static fn ($route): string => $route->uri(), Route::getRoutes()->getRoutes());
            self::assertSame([], array_filter($addresses, static fn (string $uri): bool => str_starts_with($uri, 'storage')));
            $this->call('PUT', '/storage/x?signature=y', content: 'x')->assertStatus(405);
        }
    }

    public function test_every_change_carries_who_and_the_trail_says_it(): void
    {
        $this->actingAs($this->person('Fay', Role::Fitter));
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/fans/0/runA' => 12]])->assertOk();
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/fans/0/runA' => 13]])->assertConflict();
        $this->postJson("/api/jobs/{$id}/bench", ['set' => ['key' => 'run']])->assertOk();
        self::assertSame(['Fay', 'Fay'], array_column($this->getJson("/api/jobs/{$id}/revisions")->json(), 'by'));

        $trail = DB::table('audit')->get(['person', 'action', 'subject'])->map(static fn (object $row): array => array_values(get_object_vars($row)))->all();
        self::assertSame([['Fay', 'job.import', ''], ['Fay', 'job.change', $id]], $trail);
    }

    public function test_an_owner_adds_people_and_the_last_owner_stays(): void
    {
        $owner = $this->person('Ada', Role::Owner);
        $this->actingAs($owner);
        $new = $this->postJson('/api/people', ['name' => 'Bea', 'role' => 'fitter'])->assertCreated();
        $this->fits('person-code', $new);
        $this->postJson('/api/people', ['name' => 'bea', 'role' => 'reader'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/name');
        $bea = Person::query()->where('name', 'Bea')->firstOrFail();
        self::assertTrue($bea->takesCode($new->json('code')));
        $this->travel(3)->days();
        self::assertFalse($bea->takesCode($new->json('code')), 'a code ends');
        $this->travelBack();

        foreach ([['POST', '/role', ['role' => 'reader']], ['POST', '/code', []], ['DELETE', '', []]] as [$method, $address, $body]) {
            $this->json($method, "/api/people/{$owner->id}{$address}", $body)->assertUnprocessable()->assertJsonPath('problems.0.messages.message.code', 'people.last-owner');
        }
        $this->postJson("/api/people/{$bea->id}/role", ['role' => 'owner'])->assertOk();
        $this->deleteJson("/api/people/{$bea->id}")->assertOk()->assertJsonCount(1, 'people');
    }

    public function test_a_new_code_ends_sessions_and_the_old_password(): void
    {
        $hob = $this->person('Hob', Role::Fitter);
        DB::table('sessions')->insert(['id' => 'open', 'user_id' => $hob->id, 'payload' => '', 'last_activity' => time()]);
        Artisan::call('lamp:code', ['name' => 'hob']);
        self::assertSame(0, DB::table('sessions')->count());
        $this->postJson('/api/session', ['name' => 'Hob', 'password' => self::PASSWORD])->assertUnprocessable();
        self::assertSame(1, Artisan::call('lamp:code', ['name' => 'Nobody']));
    }

    private function code(): string
    {
        Artisan::call('lamp:code', ['--if-nobody' => true]);

        return preg_match('/Code: (\S+)/', Artisan::output(), $found) === 1 ? $found[1] : '';
    }

    /** @return TestResponse<Response> */
    private function choose(string $name, string $code, string $password = self::PASSWORD): TestResponse
    {
        RateLimiter::clear('address:127.0.0.1');

        return $this->postJson('/api/session/code', ['name' => $name, 'code' => $code, 'password' => $password]);
    }

    public function test_a_reader_looks_at_a_handover_and_writes_nothing_into_it(): void
    {
        $this->actingAs($this->person('Owner', Role::Owner));
        $job = $this->postJson('/api/jobs', ['arrangement' => null])->assertCreated()->json('id');
        $entry = ['id' => 'abcdef012345', 'kind' => 'note', 'step' => '', 'by' => 'R', 'at' => gmdate('c'), 'text' => 'x'];
        $this->actingAs($this->person('Reader', Role::Reader));
        $this->getJson("/api/jobs/{$job}/handover")->assertOk();
        $this->postJson("/api/jobs/{$job}/records", ['records' => [$entry]])->assertForbidden();
        $this->call(
            'POST', "/api/jobs/{$job}/photographs?id=abcdef012345&by=R&at=now", server: ['CONTENT_TYPE' => 'application/octet-stream'], content: 'x',
        )->assertForbidden();
        $this->postCsv("/api/jobs/{$job}/logs?name=x", 'a,b')->assertForbidden();
        $this->postJson("/api/jobs/{$job}/road/drives/made", [])->assertForbidden();
        self::assertSame(0, DB::table('records')->count() + DB::table('photographs')->count() + DB::table('logs')->count());
        $this->actingAs($this->person('Fitter', Role::Fitter));
        $this->postJson("/api/jobs/{$job}/records", ['records' => [$entry]])->assertOk()->assertJsonPath('results.0.problems', []);
    }

    private function person(string $name, Role $role): Person
    {
        $person = Person::query()->create(['name' => $name, 'role' => $role]);
        $person->choosePassword(self::PASSWORD);

        return $person;
    }

    /** @param  TestResponse<Response>  $answer */
    private function fits(string $schema, TestResponse $answer): void
    {
        $this->assertFits($schema, (string) $answer->getContent());
    }

    private function content(): Content
    {
        $designs = app(Designs::class);
        $design = $designs->of($designs->decode((string) file_get_contents(Orchard::PATH)));

        return new Content($design->file, $design->sizes(), Program::VERSION, JobRow::of($design, Wording::english()), $designs->build->id, null);
    }
}
