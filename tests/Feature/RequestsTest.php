<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\OwnDrive;
use App\Models\Part;
use App\Models\Revision;
use Illuminate\Testing\TestResponse;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Whatever is sent to any door: an answer that names what is wrong and where, and nothing is kept of it. */
final class RequestsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function doors(): iterable
    {
        foreach ([
            'jobs/{job}/changes', 'jobs/{job}/undo', 'jobs/{job}/redo', 'jobs/{job}/bench', 'jobs/{job}/road', 'jobs/{job}/tasks/sweep', 'shelf/parts',
        ] as $door) {
            yield $door => [$door];
        }
    }

    #[DataProvider('doors')]
    public function test_a_body_that_is_no_object_is_refused(string $door): void
    {
        foreach (['[1, 2]', '"text"', '7', 'null', '{"version": 1', "\xff\xfe", str_repeat('[', 100).str_repeat(']', 100)] as $body) {
            $this->refused($this->send($door, $body));
        }
    }

    #[DataProvider('doors')]
    public function test_a_field_too_many_is_named_where_it_stands(string $door): void
    {
        $body = ['version' => 1, 'label' => 'x', 'changes' => [], 'set' => [], 'nothing-like-it' => 1];
        $answer = $this->refused($this->send($door, (string) json_encode($body)));

        self::assertContains('/nothing-like-it', array_column($answer['problems'], 'at'));
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith(['changes', ['version' => 'one', 'label' => 'x'], '/version'])]
    #[TestWith(['changes', ['version' => 1.5, 'label' => 'x'], '/version'])]
    #[TestWith(['changes', ['version' => 1], '/label'])]
    #[TestWith(['changes', ['version' => 1, 'label' => ''], '/label'])]
    #[TestWith(['changes', ['version' => 1, 'label' => 'x', 'typed' => ['/fans/0/runA' => 12]], '/typed/~1fans~10~1runA'])]
    #[TestWith(['undo', ['version' => 0], '/version'])]
    #[TestWith(['bench', ['set' => ['engineRpm' => 'fast']], 'engineRpm'])]
    #[TestWith(['road', ['drive' => 'nowhere'], '/drive'])]
    #[TestWith(['road', ['gapsK' => ['wide']], '/gapsK/0'])]
    #[TestWith(['road', ['altitudeM' => '4000 km'], '/altitudeM'])]
    #[TestWith(['road', ['ambientC' => 61], '/ambientC'])]
    public function test_a_wrong_value_is_named_where_it_stands(string $door, array $body, string $at): void
    {
        $answer = $this->refused($this->send("jobs/{job}/{$door}", (string) json_encode($body)));

        self::assertSame($at, $answer['problems'][0]['at']);
    }

    public function test_every_figure_of_a_drive_that_is_wrong_is_said_at_once(): void
    {
        $answer = $this->refused($this->send('jobs/{job}/road', (string) json_encode(['altitudeM' => 'high', 'ambientC' => '300F', 'startsC' => '999'])));

        self::assertSame(['/altitudeM', '/ambientC', '/startsC'], array_column($answer['problems'], 'at'));
    }

    public function test_answers_to_nothing_there_are_sentences_too(): void
    {
        foreach (['/api/jobs/nowhere', '/api/jobs/nowhere/proof', '/api/drives/nowhere.csv', '/api/nowhere'] as $path) {
            $answer = $this->getJson($path)->assertNotFound()->json();
            self::assertNotSame('', $answer['problems'][0]['message'], $path);
        }
        $this->deleteJson('/api/shelf')->assertStatus(405);
    }

    /** @param  array<string, string>  $fields */
    #[TestWith(['application/x-www-form-urlencoded', ['version' => '1', 'label' => 'x']])]
    #[TestWith(['multipart/form-data', ['version' => '1', 'label' => 'x']])]
    #[TestWith(['text/plain', []])]
    public function test_what_a_form_can_send_changes_nothing(string $type, array $fields): void
    {
        $id = $this->orchard()['id'];
        foreach (["/api/jobs/{$id}/changes", "/api/jobs/{$id}/undo", '/api/jobs', '/api/jobs/import', '/api/shelf/import'] as $path) {
            $this->call('POST', $path, $fields, server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: '{"version": 1, "label": "x"}')
                ->assertUnprocessable();
        }
        self::assertSame(1, Job::count());
        self::assertSame(1, Job::query()->firstOrFail()->version);
    }

    public function test_a_mended_file_takes_the_place_of_the_unreadable_one_and_can_be_undone(): void
    {
        $id = $this->orchard()['id'];
        $good = (string) file_get_contents(Orchard::PATH);
        $bad = str_replace('"runA": 15.5', '"runA": "much"', $good);
        Revision::query()->where('job_id', $id)->update(['file' => $bad]);
        $this->startAnew();

        $this->getJson("/api/jobs/{$id}")->assertUnprocessable()->assertJsonPath('problems.0.at', '/fans/0/runA');
        $this->postText("/api/jobs/{$id}/mend?version=1", $bad)->assertUnprocessable();
        $this->postText("/api/jobs/{$id}/mend?version=1", $good)->assertSuccessful()->assertJsonPath('file.fans.0.runA', 15.5);
        $this->getJson('/api/jobs')->assertOk()->assertJsonPath('rows.0.problems', []);
    }

    /** @return TestResponse<Response> */
    private function send(string $door, string $body): TestResponse
    {
        return $this->postText('/api/'.str_replace('{job}', $this->orchard()['id'], $door), $body);
    }

    /**
     * @param  TestResponse<Response>  $answer
     * @return array{problems: list<array{at: string, message: string}>}
     */
    private function refused(TestResponse $answer): array
    {
        $answer->assertUnprocessable();
        self::assertNotEmpty($answer->json('problems'));
        self::assertSame(1, Job::query()->latest('id')->firstOrFail()->version);
        self::assertSame(0, OwnDrive::count() + Part::count());

        return $answer->json();
    }
}
