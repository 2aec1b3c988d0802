<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Tasks\RunTask;
use App\Tasks\Task;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use LampThread\Exchange\JobFile;
use Tests\TestCase;

/** Plans through the doors: asked, searched in two processes, shown, taken with one undo. */
final class PlansTest extends TestCase
{
    private const FILE = 'core/data/jobs/orchard-sprayer.lampthread.json';

    public function test_plans_are_searched_and_one_is_taken_with_one_undo(): void
    {
        $this->assertFits('plan-choices', (string) $this->getJson('/api/plan-choices')->assertOk()->getContent());
        $job = $this->orchard();
        $id = $job['id'];
        $question = ['complaints' => ['hot-in-traffic'], 'wishes' => ['override' => 'rather'], 'switchedBy' => 'nothing', 'compressor' => 'none'];
        $answer = $this->postJson("/api/jobs/{$id}/tasks/plans", $question)->assertOk()->assertJsonPath('state', 'done');
        $rows = $answer->json('rows');
        self::assertGreaterThan(2, count($rows));
        foreach (json_decode((string) $answer->getContent())->rows as $row) {
            $this->assertFits('plans-row', (string) json_encode($row));
        }
        self::assertNull($rows[0]['result']);
        self::assertNotSame([], $rows[0]['leaders'], 'the first plan leads at once');
        $last = $rows[count($rows) - 1];
        self::assertSame($last['of'], $last['done'], 'both halves are in it');
        $plans = $last['result']['plans'];
        self::assertGreaterThanOrEqual(3, count($plans));
        self::assertNotSame([], $last['result']['whyNot']);
        self::assertNull($last['result']['conflict']);
        $taken = $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'Plan B taken', 'changes' => $plans[1]['changes']])->assertOk();
        self::assertSame('Plan B taken', $taken->json('undoes'));
        $undone = $this->postJson("/api/jobs/{$id}/undo", ['version' => 2])->assertOk();
        self::assertSame($job['file']['control'], $undone->json('file.control'));

        // Asked again of the same content it is there at once.
        Task::query()->delete();
        $this->postJson("/api/jobs/{$id}/tasks/plans", $question)->assertJsonCount(1, 'rows');
    }

    public function test_it_is_stopped_in_the_middle(): void
    {
        Queue::fake();
        $id = $this->orchard()['id'];
        $task = $this->postJson("/api/jobs/{$id}/tasks/plans", ['complaints' => ['noise']])->json('id');
        // Whoever looks for the third time sees that it was stopped meanwhile.
        $looked = 0;
        Event::listen(QueryExecuted::class, static function (QueryExecuted $query) use (&$looked, $task): void {
            $looked += str_contains($query->sql, 'insert into "task_rows"') ? 1 : 0;
            if ($looked === 2) {
                $looked++;
                Task::query()->whereKey($task)->update(['state' => 'stopped']);
            }
        });
        app()->call([new RunTask($task), 'handle']);
        self::assertSame('stopped', $this->getJson("/api/tasks/{$task}")->json('state'));
        self::assertSame(2, DB::table('task_rows')->count(), 'what stands by then stays to be looked at');
        self::assertSame('', trim((string) shell_exec('pgrep -P '.getmypid().' -f [l]amp:plan-part')), 'and the other half is ended');
    }

    public function test_what_cannot_be_asked_is_named(): void
    {
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/tasks/plans", ['complaints' => ['hot-in-church']])->assertUnprocessable()->assertJsonPath('problems.0.at', '/complaints');
        $this->postJson("/api/jobs/{$id}/tasks/plans", ['wishes' => ['air-conditioning-covered' => 'must']])->assertUnprocessable();
        $this->postJson("/api/jobs/{$id}/tasks/plans", ['mostCost' => -5])->assertUnprocessable();
    }

    public function test_the_command_line_prints_the_front_and_names_a_conflict(): void
    {
        self::assertSame(0, Artisan::call('lamp:plan', ['file' => self::FILE, '--complaint' => ['hot-in-traffic'], '--must' => ['no-coolant-opened']]));
        $printed = Artisan::output();
        $result = json_decode($printed, true);
        self::assertNotSame([], $result['plans']);
        foreach ($result['plans'] as $plan) {
            self::assertStringContainsString('adjustable thermostat', $plan['title'], 'only a probe in the fins leaves the coolant shut');
        }
        // What a plan changes goes into a file as it is printed, by whoever knows JSON and nothing of PHP.
        foreach (json_decode($printed)->plans as $plan) {
            $file = json_decode((string) file_get_contents(self::FILE));
            foreach ($plan->changes as $place => $value) {
                $steps = explode('/', substr($place, 1));
                $last = array_pop($steps);
                $at = array_reduce($steps, static fn (\stdClass|array $at, string $step): \stdClass|array => is_array($at) ? $at[(int) $step] : $at->{$step}, $file);
                is_array($at) ? throw new \LogicException($place) : $at->{$last} = $value;
            }
            self::assertSame([], app(JobFile::class)->decode((string) json_encode($file))['pinned']);
        }
        self::assertSame(1, Artisan::call('lamp:plan', ['file' => self::FILE, '--must' => ['override', 'stock-look']]));
        $conflict = json_decode(Artisan::output(), true)['conflict'];
        self::assertStringContainsString('stand against each other', $conflict['says']);
        self::assertStringContainsString('Nearest', $conflict['nearest']);
        self::assertSame(2, Artisan::call('lamp:plan', ['file' => self::FILE, '--must' => ['cheap']]));
    }
}
