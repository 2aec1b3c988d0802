<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Looking for a fault through the doors: on a job, on a vehicle nobody knows, and for practice. */
final class TrailTest extends TestCase
{
    private const FILE = 'core/data/jobs/orchard-sprayer.lampthread.json';

    public function test_a_complaint_leads_to_the_fault_and_into_the_record(): void
    {
        $id = $this->orchard()['id'];
        $first = $this->getJson("/api/jobs/{$id}/trail")->assertOk();
        $this->assertFits('trail', (string) $first->getContent());
        self::assertNull($first->json('trail'));
        $this->write($id, ['kind' => 'trail', 'step' => 'seen', 'text' => 'never-runs no-click'])->assertJsonPath('results.0.problems', []);
        $begun = $this->getJson("/api/jobs/{$id}/trail")->assertOk();
        $this->assertFits('trail', (string) $begun->getContent());
        self::assertGreaterThan(5, $begun->json('trail.count'));
        self::assertStringContainsString('possibilities into', $begun->json('trail.next.0.why'));
        $this->write($id, ['kind' => 'trail', 'step' => $begun->json('trail.next.1.id'), 'text' => 'not-sure']);
        $this->write($id, ['kind' => 'trail', 'step' => 'swap/fan-1-relay', 'text' => 'cured']);
        $this->write($id, ['kind' => 'trail', 'step' => 'back', 'text' => '']);
        self::assertCount(1, $this->getJson("/api/jobs/{$id}/trail")->json('trail.answers'));
        $this->write($id, ['kind' => 'trail', 'step' => 'swap/fan-1-relay', 'text' => 'cured']);
        $found = $this->getJson("/api/jobs/{$id}/trail?tools=lamp,meter")->assertOk();
        $this->assertFits('trail', (string) $found->getContent());
        self::assertSame('fan-1-relay', $found->json('trail.found.id'));
        self::assertTrue($found->json('trail.isEnded'));
        self::assertNull($found->json('trail.found.confirm'), 'its cure is its proof');
        $this->write($id, ['kind' => 'fault', 'step' => 'fan-1-relay', 'text' => $found->json('trail.found.says'), 'typed' => $found->json('trail.found.class')]);
        $after = $this->getJson("/api/jobs/{$id}/trail");
        self::assertNull($after->json('trail'), 'what was looked for is found');
        self::assertStringContainsString('Relay', $after->json('history.0.what'));
        // What was found counts from then on, in every job; the file takes it along.
        $file = (string) $this->get("/api/jobs/{$id}/file")->getContent();
        self::assertStringContainsString('"kind": "fault"', $file);
        $copy = $this->call('POST', '/api/jobs/import', server: ['CONTENT_TYPE' => 'application/json'], content: $file)->assertCreated()->json('id');
        self::assertCount(1, $this->getJson("/api/jobs/{$copy}/trail")->json('history'));
        $this->assertFits('handover', (string) $this->getJson("/api/jobs/{$id}/handover")->getContent());
    }

    public function test_what_contradicts_and_what_no_fault_shows_is_said(): void
    {
        $id = $this->orchard()['id'];
        $this->write($id, ['kind' => 'trail', 'step' => 'seen', 'text' => 'never-runs never-stops']);
        self::assertFalse($this->getJson("/api/jobs/{$id}/trail")->json('trail.isExplained'));
        $this->write($id, ['kind' => 'trail', 'step' => 'seen', 'text' => 'never-runs']);
        foreach (['look/rest+override=on' => 'fan-1=fast', 'look/hot-1' => 'fan-1=fast', 'volts/rest+override=on/fan-1:+' => '0 V'] as $step => $text) {
            $this->write($id, ['kind' => 'trail', 'step' => $step, 'text' => $text]);
        }
        $trail = $this->getJson("/api/jobs/{$id}/trail")->json('trail');
        self::assertStringContainsString('Volts at M1 +', (string) $trail['doubt']);
        self::assertSame([false, false, true], array_column($trail['answers'], 'isDoubted'));
        $this->write($id, ['kind' => 'trail', 'step' => 'look/nowhere', 'text' => 'fan-1=fast']);
        self::assertSame(['look/nowhere'], $this->getJson("/api/jobs/{$id}/trail")->json('outdated'), 'a test the circuit has not counts for nothing');
        $this->write($id, ['kind' => 'trail', 'step' => 'seen', 'text' => 'never-walks'])->assertJsonPath('results.0.problems.0.at', '/seen');
        $this->getJson("/api/jobs/{$id}/trail?tools=hammer")->assertUnprocessable()->assertJsonPath('problems.0.at', '/tools');
    }

    public function test_what_was_seen_instead_is_kept_in_words(): void
    {
        $id = $this->orchard()['id'];
        $this->write($id, ['kind' => 'trail', 'step' => 'seen', 'text' => 'never-runs']);
        $before = $this->getJson("/api/jobs/{$id}/trail")->json('trail');
        $this->write($id, ['kind' => 'trail', 'step' => $before['next'][0]['id'], 'text' => 'else: it hums and smells']);
        $answer = $this->getJson("/api/jobs/{$id}/trail")->assertOk();
        $this->assertFits('trail', (string) $answer->getContent());

        self::assertSame('something else: it hums and smells', $answer->json('trail.answers.0.given'));
        self::assertGreaterThan($before['unlisted'], $answer->json('trail.unlisted'));
        self::assertStringContainsString('else: it hums and smells', (string) $this->get("/api/jobs/{$id}/file")->getContent());
        $this->write($id, ['kind' => 'trail', 'step' => $before['next'][0]['id'], 'text' => 'else:']);
        self::assertCount(1, $this->getJson("/api/jobs/{$id}/trail")->json('trail.answers'), 'no words are no answer');
    }

    public function test_a_file_that_tells_of_what_there_is_not_locks_nobody_out(): void
    {
        $file = json_decode((string) file_get_contents(base_path(self::FILE)));
        $record = ['kind' => 'trail', 'by' => 'x', 'at' => '2026-11-01T10:00:00Z', 'jobVersion' => 1];
        $file->record = [
            [...$record, 'step' => 'seen', 'text' => 'haunted never-runs'],
            [...$record, 'step' => 'pull/nothing', 'text' => 'melted'],
            [...$record, 'step' => 'back', 'text' => ''],
        ];
        $id = $this->call('POST', '/api/jobs/import', server: ['CONTENT_TYPE' => 'application/json'], content: (string) json_encode($file))->assertCreated()->json('id');
        $trail = $this->getJson("/api/jobs/{$id}/trail")->assertOk();
        self::assertSame(['never-runs'], array_column($trail->json('trail.seen'), 'id'));
        self::assertSame(['pull/nothing'], $trail->json('outdated'));
    }

    public function test_danger_in_the_job_is_said_first(): void
    {
        $id = $this->orchard()['id'];
        self::assertSame([], $this->getJson("/api/jobs/{$id}/trail")->json('dangers'));
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/control/stages/0/decider/earthLead' => false]])->assertOk();
        self::assertNotSame([], $this->getJson("/api/jobs/{$id}/trail")->json('dangers'));
    }

    public function test_an_unknown_vehicle_carries_arrangements_along(): void
    {
        $ask = fn (array $question): TestResponse => $this->postJson('/api/trail', $question);
        $this->assertFits('trail', (string) $this->getJson('/api/trail')->assertOk()->getContent());
        $known = ['fans' => 1, 'relays' => 1, 'airConditioning' => false];
        $begun = $ask(['known' => $known, 'seen' => ['never-runs']])->assertOk();
        $this->assertFits('trail', (string) $begun->getContent());
        self::assertGreaterThan(1, count($begun->json('arrangements')));
        self::assertEqualsWithDelta(1.0, array_sum(array_column($begun->json('arrangements'), 'share')), 0.01);
        $swapped = $ask(['known' => $known, 'seen' => ['never-runs'], 'answers' => [['test' => 'swap/fan-1-relay', 'given' => 'cured']]]);
        self::assertSame('fan-1-relay', $swapped->json('trail.places.0.id'));
        $ask(['known' => ['fans' => 2, 'relays' => 17], 'seen' => ['never-runs']])->assertUnprocessable()->assertJsonPath('problems.0.at', '/known');
        $ask(['known' => ['fans' => 1], 'seen' => []])->assertUnprocessable()->assertJsonPath('problems.0.at', '/seen');
        $ask(['known' => $known, 'seen' => ['never-runs'], 'answers' => [['test' => 'swap/fan-1-relay', 'given' => 'perhaps']]])->assertUnprocessable();
    }

    public function test_a_lesson_is_played_judged_and_scored(): void
    {
        $lessons = $this->getJson('/api/practice?person=Ann')->assertOk();
        $this->assertFits('practice', (string) $lessons->getContent());
        self::assertCount(12, $lessons->json('lessons'));
        $run = $this->postJson('/api/practice', ['person' => 'Ann', 'lesson' => 'dead-fan-one-relay'])->assertCreated();
        $this->assertFits('practice-run', (string) $run->getContent());
        self::assertStringNotContainsString('stuck', (string) $run->getContent(), 'what is hidden is not told');
        $id = $run->json('id');
        $this->assertFits('design', (string) $this->get("/api/practice/{$id}/design")->getContent());
        $move = fn (array $asked): TestResponse => $this->postJson("/api/practice/{$id}/moves", $asked);
        self::assertSame('best', $move(['test' => 'look/rest+override=on'])->assertOk()->json('moves.0.verdict'));
        $wired = $move(['wire' => ['situation' => 'rest', 'from' => 'battery:+', 'to' => 'battery:-']])->assertOk();
        self::assertSame('danger', $wired->json('moves.1.verdict'));
        self::assertSame(1, $wired->json('dangers'));
        $move(['test' => 'look/nowhere'])->assertUnprocessable();
        $move(['wire' => ['situation' => 'rest', 'from' => 'x:1', 'to' => 'battery:-']])->assertUnprocessable();
        self::assertSame(1, $move(['place' => 'coolant-low'])->json('wrong'), 'with the dash switch on coolant does not matter');
        $fits = $move(['place' => 'fan-1'])->assertOk();
        $this->assertFits('practice-run', (string) $fits->getContent());
        self::assertSame([1, 'fits'], [$fits->json('wrong'), $fits->json('moves.2.verdict')], 'a fan that stands may well be a dead fan');
        $ended = $move(['place' => 'fan-1-relay'])->assertOk();
        $this->assertFits('practice-run', (string) $ended->getContent());
        self::assertLessThan(60, $ended->json('score'));
        self::assertNotSame([], $ended->json('end.path'));
        $move(['test' => 'pull/fan-1-fuse'])->assertUnprocessable();
        $overview = $this->getJson('/api/practice?person=Ann');
        self::assertSame($ended->json('score'), $overview->json('lessons.0.best'));
        self::assertSame('make-contact/stuck-off', $overview->json('weak.0.class'));
    }

    public function test_a_fault_of_a_grade_is_hidden_in_any_job_and_may_be_given_up(): void
    {
        $job = $this->orchard()['id'];
        foreach (['easy', 'hard', 'missed'] as $grade) {
            $run = $this->postJson('/api/practice', ['person' => 'Bo', 'job' => $job, 'grade' => $grade])->assertCreated();
            $ended = $this->postJson("/api/practice/{$run->json('id')}/moves", ['givesUp' => true])->assertOk();
            self::assertSame(0, $ended->json('score'));
            self::assertNotNull($ended->json('end.place.says'));
        }
        $this->postJson('/api/practice', ['person' => 'Bo', 'job' => 'none', 'grade' => 'easy'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/job');
        $this->postJson('/api/practice', ['person' => 'Bo', 'lesson' => 'none'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/lesson');
        $this->getJson('/api/practice/none')->assertNotFound();
    }

    /** A script plays the vehicle with lamp:bench, the program asks. */
    public function test_the_command_line_finds_a_fault_that_a_script_plays(): void
    {
        $answers = [];
        for ($step = 0; $step < 12; $step++) {
            self::assertSame(0, Artisan::call('lamp:trail', ['file' => self::FILE, '--seen' => ['never-runs'], '--answer' => $answers, '--tool' => ['meter']]));
            $trail = json_decode(Artisan::output(), true);
            if ($trail['isEnded']) {
                break;
            }
            $next = $trail['next'][0];
            $seen = ['look' => 'fan-1=stands', 'listen' => 'out', 'pull' => 'whole'][$next['kind']] ?? 'not-tried';
            $answers[] = "{$next['id']}=".($next['reads'] === 'volt' ? $this->volts($next['id']) : $seen);
        }
        self::assertSame('fan-1-relay', $trail['places'][0]['id'], implode(', ', $answers));
        self::assertSame(2, Artisan::call('lamp:trail', ['file' => self::FILE]));
        self::assertSame(2, Artisan::call('lamp:trail', ['file' => self::FILE, '--seen' => ['never-runs'], '--answer' => ['look/x=y']]));
        self::assertSame(2, Artisan::call('lamp:trail', ['file' => self::FILE, '--seen' => ['never-runs'], '--answer' => ['pull/fan-1-fuse=melted']]));
    }

    /** What the bench reads with the relay's coil open. */
    private function volts(string $test): string
    {
        [$kind, $situation, $terminal] = explode('/', $test, 3);
        $set = match (true) {
            str_contains($situation, 'key-off') => ['key=off'],
            str_contains($situation, 'override=on') => ['key=run', 'override=on'],
            str_contains($situation, 'hot') => ['key=run', 'coolantC=110'],
            default => ['key=run'],
        };
        Artisan::call('lamp:bench', ['file' => self::FILE, '--set' => $set, '--fault' => ['fan-1-relay=coil-open']]);
        $bench = json_decode(Artisan::output(), true);
        $volts = static fn (string $at): float => $at === 'battery:-' ? 0.0 : $bench['terminals'][$at]['volts'];
        [$from, $to] = [...explode('>', $terminal), ''];

        return number_format(match ($kind) {
            'drop' => $bench['batteryV'] - $volts($terminal),
            'across' => $volts($from) - $volts($to),
            default => $volts($terminal),
        }, 2).' V';
    }

    /**
     * @param  array<string, mixed>  $record
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function write(string $id, array $record): TestResponse
    {
        static $number = 0;
        // One second after the other, as hands are no faster.
        $at = gmdate('Y-m-d\TH:i:s\Z', time() - 3600 + ++$number);

        return $this->postJson("/api/jobs/{$id}/records", ['records' => [['id' => sprintf('trail%06d', $number), 'by' => 'MK', 'at' => $at, ...$record]]])->assertOk();
    }
}
