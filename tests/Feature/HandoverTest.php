<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The record of a job: what is written is kept once and never changed, what cannot be kept is named. */
final class HandoverTest extends TestCase
{
    private const VOLTS = 'hot-1/volt/fan-1:+/fan-1:-';

    public function test_the_plan_goes_out_and_a_reading_is_judged_at_once(): void
    {
        $id = $this->orchard()['id'];
        $this->assertFits('handover', (string) $this->getJson("/api/jobs/{$id}/handover")->assertOk()->getContent());
        $this->write($id, ['kind' => 'reading', 'step' => self::VOLTS, 'typed' => '12,1 V'])->assertJsonPath('results.0.problems', []);
        $handover = $this->getJson("/api/jobs/{$id}/handover")->assertOk();
        self::assertTrue($handover->json('readings')[self::VOLTS]['passes']);
        self::assertNull($handover->json('diagnosis'));

        $this->write($id, ['kind' => 'reading', 'step' => self::VOLTS, 'typed' => '7.2']);
        $this->write($id, ['kind' => 'reading', 'step' => 'hot-1/volt/battery:+/fan-1:+', 'typed' => '5100 mV']);
        $handover = $this->getJson("/api/jobs/{$id}/handover")->assertOk();
        $this->assertFits('handover', (string) $handover->getContent());
        self::assertFalse($handover->json('readings')[self::VOLTS]['passes']);
        self::assertSame(2, $handover->json('lacks.failing'));
        $next = $handover->json('diagnosis.next.id');
        $this->write($id, ['kind' => 'reading', 'step' => $next, 'typed' => '0.05'])->assertJsonPath('results.0.problems', []);
        $after = $this->getJson("/api/jobs/{$id}/handover")->json('diagnosis');
        self::assertNotSame($next, $after['next']['id'] ?? null, 'what was read is not asked for again');
        self::assertGreaterThan($handover->json('diagnosis.suspects.0.share') - 0.2, $after['suspects'][0]['share']);
    }

    public function test_a_change_of_the_design_marks_what_no_longer_counts(): void
    {
        $id = $this->orchard()['id'];
        $this->write($id, ['kind' => 'reading', 'step' => self::VOLTS, 'typed' => '12.0']);
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/fans/0/runA' => 22]])->assertOk();
        $handover = $this->getJson("/api/jobs/{$id}/handover");
        self::assertNull($handover->json('readings')[self::VOLTS]['passes']);
        self::assertSame(1, $handover->json('lacks.outdated'));
    }

    public function test_a_measured_current_is_offered_in_the_place_of_the_told_one(): void
    {
        $id = $this->orchard()['id'];
        $this->write($id, ['kind' => 'reading', 'step' => 'hot-1/ampere/W4/', 'typed' => '11A']);
        $this->write($id, ['kind' => 'reading', 'step' => 'start/ampere/fan-1/', 'typed' => '30']);
        [$start, $proposal] = $this->getJson("/api/jobs/{$id}/handover")->json('proposals');
        self::assertSame('/fans/0/startA', $start['path']);
        self::assertEqualsWithDelta(46 * 30 / (46 * 11.98 / 13), $start['value'], 1.5);
        self::assertSame('/fans/0/runA', $proposal['path']);
        self::assertEqualsWithDelta(15.5 * 11 / 13.7, $proposal['value'], 0.1);
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'Measured', 'changes' => [$proposal['path'] => $proposal['value']]])->assertOk();
    }

    public function test_what_is_sent_twice_is_kept_once_and_two_people_do_not_undo_each_other(): void
    {
        $id = $this->orchard()['id'];
        $tick = ['id' => 'abcdef012345', 'kind' => 'tick', 'step' => 'battery-off', 'done' => true];
        $this->write($id, $tick, ['kind' => 'note', 'step' => '', 'text' => 'Fuses behind the seat']);
        $this->write($id, $tick)->assertJsonPath('results.0.problems', []);
        $this->write($id, ['kind' => 'tick', 'step' => 'battery-off', 'done' => true, 'by' => 'JS', 'at' => gmdate('c', time() + 5)]);
        $handover = $this->getJson("/api/jobs/{$id}/handover");
        self::assertCount(3, $handover->json('records'));
        self::assertSame('JS', $handover->json('ticks.battery-off.by'));

        $other = $this->postJson("/api/jobs/{$id}/duplicate")->json('id');
        $this->write($other, $tick)->assertJsonPath('results.0.problems.0.at', '/id');
        self::assertSame([], $this->getJson("/api/jobs/{$other}/handover")->json('records'));
    }

    public function test_what_cannot_be_kept_is_named_and_the_rest_is_kept(): void
    {
        $id = $this->orchard()['id'];
        $wrong = [
            '/typed' => ['kind' => 'reading', 'step' => self::VOLTS, 'typed' => '12 ohm'],
            '/typed ' => ['kind' => 'reading', 'step' => self::VOLTS, 'typed' => '900'],
            '/typed  ' => ['kind' => 'reading', 'step' => 'rest/seen//', 'typed' => 'perhaps'],
            '/step' => ['kind' => 'reading', 'step' => 'moon/volt/a:1/b:2', 'typed' => '1'],
            '/at' => ['kind' => 'note', 'step' => '', 'text' => 'x', 'at' => 'next year'],
            '/text' => ['kind' => 'note', 'step' => '', 'text' => '  '],
            '/done' => ['kind' => 'tick', 'step' => 'battery-off'],
            '/stage' => ['kind' => 'stage', 'step' => ''],
        ];
        $answer = $this->write($id, ['kind' => 'note', 'step' => '', 'text' => 'kept'], ...array_values($wrong))->assertOk();
        $this->assertFits('records-answer', (string) $answer->getContent());
        self::assertSame(
            ['', ...array_map(trim(...), array_keys($wrong))],
            array_map(static fn (array $result): string => $result['problems'][0]['at'] ?? '', $answer->json('results')),
        );
        self::assertCount(1, $this->getJson("/api/jobs/{$id}/handover")->json('records'));
        $this->postJson("/api/jobs/{$id}/records", ['records' => []])->assertUnprocessable();
        $this->postJson("/api/jobs/{$id}/records", ['records' => [['id' => '../../etc', 'kind' => 'note', 'step' => '', 'by' => 'x', 'at' => 'now']]])->assertUnprocessable();
    }

    public function test_pictures_are_known_by_what_is_in_them(): void
    {
        $id = $this->orchard()['id'];
        $png = base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==');
        $this->photograph($id, 'picture-0001', $png)->assertCreated();
        $shown = $this->get("/api/jobs/{$id}/photographs/picture-0001")->assertOk();
        self::assertSame('image/png', $shown->headers->get('Content-Type'));
        self::assertSame($png, $shown->getContent());
        foreach (['<svg onload="alert(1)"/>', "\0\0\0\x18ftypheic\0\0\0\0mif1heic", 'GIF89a', '<?php echo 1;', ''] as $at => $bytes) {
            $this->photograph($id, "picture-9{$at}00", $bytes)->assertUnprocessable();
        }
        $server = ['CONTENT_TYPE' => 'application/octet-stream', 'CONTENT_LENGTH' => '200000000'];
        $this->call('POST', "/api/jobs/{$id}/photographs?id=picture-0009&by=x&at=now", server: $server)->assertUnprocessable();
        self::assertCount(1, $this->getJson("/api/jobs/{$id}/handover")->json('records'));
        $other = $this->postJson("/api/jobs/{$id}/duplicate")->json('id');
        $this->get("/api/jobs/{$other}/photographs/picture-0001")->assertNotFound();
    }

    public function test_a_simulated_instrument_reads_what_can_be_typed(): void
    {
        $id = $this->orchard()['id'];
        foreach ($this->getJson("/api/jobs/{$id}/handover")->json('tests') as $test) {
            $shown = $this->getJson("/api/jobs/{$id}/handover/simulated?".http_build_query(['step' => $test['id']]))->assertOk()->json('typed');
            $this->write($id, ['kind' => 'reading', 'step' => $test['id'], 'typed' => $shown])->assertJsonPath('results.0.problems', []);
        }
        $handover = $this->getJson("/api/jobs/{$id}/handover");
        self::assertSame([0, 0], [$handover->json('lacks.tests'), $handover->json('lacks.failing')]);
        $csv = (string) $this->get("/api/jobs/{$id}/readings.csv")->assertOk()->getContent();
        self::assertSame(count($handover->json('tests')) + 1, substr_count($csv, "\r\n"));
    }

    /** Read back with poppler's tools: text, pages, embedded fonts, and the drawing's own words. */
    public function test_the_dossier_reads_back(): void
    {
        $id = $this->orchard()['id'];
        $this->write(
            $id, ['kind' => 'reading', 'step' => self::VOLTS, 'typed' => '7.25'], ['kind' => 'note', 'step' => '', 'text' => 'Fuses behind the seat'],
            ['kind' => 'sign-off', 'step' => '', 'text' => 'Mira Kestrel'],
        );
        foreach (['a4' => '595.28 x 841.89', 'letter' => '612 x 792'] as $paper => $size) {
            $path = tempnam(sys_get_temp_dir(), 'dossier');
            file_put_contents($path, $this->get("/api/jobs/{$id}/dossier.pdf?paper={$paper}")->assertOk()->getContent());
            $text = (string) shell_exec("pdftotext -layout {$path} -");
            $info = (string) shell_exec("pdfinfo {$path}");
            $fonts = array_slice(array_filter(explode("\n", (string) shell_exec("pdffonts {$path}"))), 2);
            unlink($path);
            self::assertStringContainsString($size, $info);
            self::assertGreaterThan(8, preg_match('/Pages:\s+(\d+)/', $info, $pages) === 1 ? (int) $pages[1] : 0);
            self::assertMatchesRegularExpression('/page 1 of \d+/', $text);
            foreach (['Orchard sprayer', 'RD-WH', '7.25', 'OUTSIDE', 'Fuses behind the seat', 'Mira Kestrel', 'Cut list', 'Earth point, bay'] as $word) {
                self::assertStringContainsString($word, $text);
            }
            self::assertNotSame([], $fonts);
            foreach ($fonts as $font) {
                self::assertMatchesRegularExpression('/ yes\s+yes /', $font, 'embedded, and only what is used of it');
            }
        }
        $this->get("/api/jobs/{$id}/dossier.pdf?paper=papyrus")->assertUnprocessable();
    }

    public function test_a_job_is_found_by_what_was_written_down_of_it_and_the_list_says_its_stage(): void
    {
        $id = $this->orchard()['id'];
        $found = fn (string $words): array => array_column($this->getJson('/api/jobs?'.http_build_query(['search' => $words]))->assertOk()->json('rows'), 'stage', 'id');
        self::assertSame([], $found('whistling bearing'));
        $this->write(
            $id, ['kind' => 'complaint', 'step' => '', 'text' => 'Whistling bearing, left'], ['kind' => 'stage', 'step' => '', 'stage' => 'fitted'],
            ['kind' => 'stage', 'step' => '', 'stage' => 'back', 'at' => gmdate('c', time() + 60)],
        );
        self::assertSame([$id => 'back'], $found('whistl bear'));
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/job/notes' => 'Green cab']])->assertOk();
        self::assertSame([$id => 'back'], $found('whistling green'), 'a change of the job leaves it');
        $this->deleteJson("/api/jobs/{$id}", ['version' => 2])->assertNoContent();
        self::assertSame([], $found('whistling'));
    }

    public function test_a_job_file_takes_the_record_along_and_brings_it_back(): void
    {
        $id = $this->orchard()['id'];
        self::assertArrayNotHasKey('record', json_decode((string) $this->get("/api/jobs/{$id}/file")->getContent(), true));
        $this->write(
            $id, ['kind' => 'reading', 'step' => self::VOLTS, 'typed' => '12'], ['kind' => 'tick', 'step' => 'fan', 'done' => true],
            ['kind' => 'note', 'step' => '', 'text' => 'Quarry dust'], ['kind' => 'stage', 'step' => '', 'stage' => 'proven'],
        );
        $file = (string) $this->get("/api/jobs/{$id}/file")->assertOk()->getContent();
        $other = $this->postText('/api/jobs/import', $file)->assertCreated()->json('id');
        $handover = $this->getJson("/api/jobs/{$other}/handover");
        self::assertTrue($handover->json('readings')[self::VOLTS]['passes']);
        self::assertSame('proven', $handover->json('stage'));
        self::assertCount(4, $handover->json('records'));
        self::assertContains($other, array_column($this->getJson('/api/jobs?search=quarry')->json('rows'), 'id'));
        foreach (['"kind":"tick"' => '"kind":"rumour"', '"done":true' => '"done":"so"', '"step":"fan"' => '"step":"fan","rank":1'] as $right => $wrong) {
            $spoiled = str_replace($right, $wrong, (string) json_encode(json_decode($file), JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION));
            self::assertStringContainsString($wrong, $spoiled);
            $this->postText('/api/jobs/import', $spoiled)->assertUnprocessable();
        }
    }

    public function test_minutes_come_from_the_workshops_own_ticks_once_there_are_enough(): void
    {
        $jobs = [$this->orchard()['id']];
        array_push($jobs, $this->postJson("/api/jobs/{$jobs[0]}/duplicate")->json('id'), $this->postJson("/api/jobs/{$jobs[0]}/duplicate")->json('id'));
        $minutes = fn (): array => array_column($this->getJson("/api/jobs/{$jobs[0]}/handover")->json('work'), 'minutes', 'id');
        self::assertEqualsWithDelta(40, $minutes()['fan'], 1e-6);
        foreach ($jobs as $at => $job) {
            $from = time() - 86_400;
            $this->write($job, ['kind' => 'tick', 'step' => 'battery-off', 'done' => true, 'at' => gmdate('c', $from)]);
            $this->write($job, ['kind' => 'tick', 'step' => 'fan', 'done' => true, 'at' => gmdate('c', $from + 60 * (70 + 5 * $at))]);
        }
        self::assertEqualsWithDelta(75, $minutes()['fan'], 1e-6);
    }

    public function test_parts_and_follow_up_checks_are_taken_along(): void
    {
        $id = $this->orchard()['id'];
        self::assertStringStartsWith('part,quantity,unit,for,price', (string) $this->get("/api/jobs/{$id}/parts.csv")->assertOk()->getContent());
        self::assertStringStartsWith('%PDF', (string) $this->get("/api/jobs/{$id}/labels.pdf")->assertOk()->getContent());
        $calendar = (string) $this->get("/api/jobs/{$id}/follow-up.ics")->assertOk()->getContent();
        self::assertSame(2, substr_count($calendar, 'BEGIN:VEVENT'));
        self::assertStringContainsString('DTSTART;VALUE=DATE:'.gmdate('Ymd', time() + 7 * 86400), $calendar);
        foreach (explode("\r\n", $calendar) as $line) {
            self::assertLessThanOrEqual(75, strlen($line), 'RFC 5545, 3.1');
        }
    }

    /**
     * @param  array<string, mixed>  ...$records
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function write(string $id, array ...$records): TestResponse
    {
        return $this->postJson("/api/jobs/{$id}/records", ['records' => array_map(
            static fn (array $record): array => ['id' => bin2hex(random_bytes(8)), 'by' => 'MK', 'at' => gmdate('c'), ...$record], array_values($records),
        )]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function photograph(string $id, string $record, string $bytes): TestResponse
    {
        return $this->call(
            'POST', "/api/jobs/{$id}/photographs?".http_build_query(['id' => $record, 'by' => 'MK', 'at' => gmdate('c'), 'step' => '']),
            server: ['CONTENT_TYPE' => 'application/octet-stream'], content: $bytes,
        );
    }
}
