<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use LampThread\Exchange\Log\StandIn;
use Tests\TestCase;

/** Logs of a job, from the file to the fit. */
final class LogsTest extends TestCase
{
    public function test_a_log_is_mapped_kept_shown_over_the_plan_and_removed(): void
    {
        $id = $this->orchard()['id'];
        $csv = $this->get("/api/jobs/{$id}/stand-in/logger?drive=5-climb&faults=drop-outs")->assertOk()->getContent();
        $columns = $this->postCsv('/api/log-columns', (string) $csv)->assertOk();
        $this->assertFits('log-columns', (string) $columns->getContent());
        $kept = $this->keep($id, (string) $csv, $columns->json('mapping'))->assertCreated();
        self::assertEqualsCanonicalizing(['ambient', 'speed', 'fan-current', 'battery', 'altitude'], $kept->json('measured'));
        self::assertGreaterThan(20, $kept->json('silentS'));

        $this->assertFits('logs', (string) $this->getJson("/api/jobs/{$id}/logs")->assertOk()->getContent());
        $log = $this->getJson("/api/jobs/{$id}/logs/{$kept->json('id')}")->assertOk();
        $this->assertFits('log', (string) $log->getContent());
        self::assertSame('current', $log->json('switching.by'));
        self::assertSame([], $log->json('assumes'));

        $csv = (string) $this->get("/api/jobs/{$id}/logs/{$kept->json('id')}.csv")->assertOk()->getContent();
        $again = $this->keep($id, $csv)->assertCreated();
        $own = ['id' => 0, 'silentS' => 0, 'savedAt' => ''];
        self::assertSame([...$kept->json(), ...$own], [...$again->json(), ...$own], 'what is exported reads back');
        $this->deleteJson("/api/jobs/{$id}/logs/{$again->json('id')}")->assertNoContent();

        $other = $this->postJson("/api/jobs/{$id}/duplicate")->assertCreated()->json('id');
        $this->getJson("/api/jobs/{$other}/logs/{$kept->json('id')}")->assertNotFound();
        $this->deleteJson("/api/jobs/{$other}/logs/{$kept->json('id')}")->assertNotFound();
        $this->deleteJson("/api/jobs/{$id}/logs/{$kept->json('id')}")->assertNoContent();
        $this->getJson("/api/jobs/{$id}/logs")->assertJsonPath('logs', []);
    }

    public function test_a_log_is_fitted_or_refused(): void
    {
        $id = $this->orchard()['id'];
        $csv = "time_s,speed_kmh,engine_rpm,load,ambient_c,coolant_c\n";
        for ($timeS = 0; $timeS <= 900; $timeS += 15) {
            $csv .= "{$timeS},18,3000,70,28,".(82 + 26 * (1 - exp(-$timeS / 260)))."\n";
        }
        $log = $this->keep($id, $csv)->assertCreated()->json('id');
        $fit = $this->postJson("/api/jobs/{$id}/logs/{$log}/fit")->assertOk();
        $this->assertFits('calibration', (string) $fit->getContent());
        self::assertLessThan($fit->json('rmsBeforeK'), $fit->json('rmsK'));

        $mute = $this->keep($id, "time_s,coolant_c\n0,80\n100,82\n")->assertCreated()->json('id');
        $this->postJson("/api/jobs/{$id}/logs/{$mute}/fit")->assertUnprocessable();
        self::assertNotSame([], $this->getJson("/api/jobs/{$id}/logs/{$mute}")->json('assumes'));
        $long = $this->keep($id, "time_s,coolant_c,load\n0,80,20\n20000,82,20\n")->assertCreated()->json('id');
        $this->postJson("/api/jobs/{$id}/logs/{$long}/fit")->assertUnprocessable();

        $changes = ['/heat/heatShare' => 0.9, '/heat/spreads' => ['heatShare' => 0.05]];
        $changed = $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'Fitted', 'changes' => $changes])->assertOk();
        self::assertSame(0.05, $changed->json('file.heat.spreads.heatShare'));
    }

    public function test_before_and_after_are_compared(): void
    {
        $id = $this->orchard()['id'];
        $rows = static fn (float $coolantC): string => "time_s,coolant_c,ambient_c,speed_kmh\n".implode("\n", array_map(
            static fn (int $timeS): string => "{$timeS},{$coolantC},22,0", range(0, 600, 10),
        ));
        $before = $this->keep($id, $rows(98))->json('id');
        $after = $this->keep($id, $rows(89))->json('id');
        $compared = $this->getJson("/api/jobs/{$id}/logs/{$before}/against/{$after}")->assertOk();
        $this->assertFits('log-comparison', (string) $compared->getContent());
        self::assertEqualsWithDelta(-9, $compared->json('rows.0.byK'), 1e-6);
    }

    public function test_what_is_wrong_is_said_and_nothing_is_kept(): void
    {
        $id = $this->orchard()['id'];
        $csv = "time_s,coolant_c\n0,80\n9,81\n";
        $this->keep($id, $csv, name: '')->assertUnprocessable()->assertJsonPath('problems.0.at', '/name');
        $this->keep($id, $csv, taken: 'never')->assertUnprocessable()->assertJsonPath('problems.0.at', '/taken');
        $this->keep($id, $csv, ['time' => 'x'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/mapping/time');
        $this->postCsv("/api/jobs/{$id}/logs?name=x&mapping=nonsense", $csv)->assertUnprocessable();
        $this->get("/api/jobs/{$id}/stand-in/toaster")->assertNotFound();
        $this->get("/api/jobs/{$id}/stand-in/logger?drive=moon")->assertNotFound();
        foreach (['logs?name=x' => '70000000', 'changes' => '9000000'] as $door => $bytes) {
            $this->call('POST', "/api/jobs/{$id}/{$door}", server: ['CONTENT_TYPE' => 'text/csv', 'CONTENT_LENGTH' => $bytes], content: $csv)
                ->assertUnprocessable()->assertJsonPath('problems.0.at', '');
        }
        $this->getJson("/api/jobs/{$id}/logs")->assertJsonPath('logs', []);
        for ($count = 0; $count < 40; $count++) {
            $this->keep($id, $csv)->assertCreated();
        }
        $this->keep($id, $csv)->assertUnprocessable();
    }

    public function test_every_simulated_device_records_any_drive(): void
    {
        $id = $this->orchard()['id'];
        foreach (StandIn::cases() as $device) {
            $csv = (string) $this->get("/api/jobs/{$id}/stand-in/{$device->value}?drive=3-queue&faults=wrong-unit,one-second-steps,nonsense")->assertOk()->getContent();
            self::assertGreaterThan(1000, substr_count($csv, "\n"));
            $this->keep($id, $csv, $this->postCsv('/api/log-columns', $csv)->json('mapping'))
                ->assertUnprocessable()->assertJsonPath('problems.0.at', '/mapping/coolant/unit');
        }
    }

    /**
     * @param  array<string, mixed>|null  $mapping  null as the header lets expect
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function keep(string $id, string $csv, ?array $mapping = null, string $name = 'On the hill', string $taken = 'before'): TestResponse
    {
        $mapping ??= $this->postCsv('/api/log-columns', $csv)->assertOk()->json('mapping');

        return $this->postCsv("/api/jobs/{$id}/logs?".http_build_query(['name' => $name, 'taken' => $taken, 'mapping' => json_encode($mapping)]), $csv);
    }
}
