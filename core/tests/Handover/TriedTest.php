<?php

declare(strict_types=1);

namespace LampThread\Tests\Handover;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Handover\StandInMeter;
use LampThread\Handover\TestPlan;
use LampThread\Handover\TestStep;
use LampThread\Observation\Reads;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What an installer tries before he hands a vehicle over, beyond the volts: each as he would say it. */
final class TriedTest extends TestCase
{
    /** A dash switch left on with the key out is what empties a battery: it is tried, wherever that switch moves a fan. */
    #[TestWith(['ignition', 'test.none-turns'])]
    #[TestWith(['battery', 'test.all-turn'])]
    public function test_a_dash_switch_is_tried_with_the_key_out(string $coilFeed, string $title): void
    {
        $steps = self::steps(['/control/coilFeed' => $coilFeed]);

        self::assertSame($title, $steps['key-off+override=on/seen//']->title->code);
        self::assertSame(['setting.key.off', 'setting.input'], array_map(static fn ($says): string => $says->code, $steps['key-off+override=on/seen//']->setting));
    }

    /** A meter in series: at most fifty milliamperes, or what the circuit is built to take and half as much (common practice, no source). */
    public function test_what_a_standing_vehicle_takes_is_measured(): void
    {
        $step = self::steps([])['standing/seen//'];

        self::assertStringContainsString('At most 0.05 A', Orchard::english($step->title));
        self::assertStringContainsString('No starter', $step->caution === null ? '' : Orchard::english($step->caution));
    }

    #[TestWith(['key', 'take the key out'])]
    #[TestWith(['push', 'Push the button once'])]
    #[TestWith(['switch', 'switch off and take the time'])]
    public function test_running_on_is_started_as_it_is_built(string $startedBy, string $says): void
    {
        $step = self::steps(['/control/afterRun' => ['delayS' => 120, 'startedBy' => $startedBy], '/control/overrides' => []])['after-run/second//'];

        self::assertStringContainsString($says, Orchard::english($step->setting[0]));
    }

    #[TestWith(['opens-above', 'stops at about 2500 rpm'])]
    #[TestWith(['closes-above', 'stands until about 2500 rpm'])]
    public function test_an_engine_speed_switch_is_tried(string $action, string $says): void
    {
        $step = self::steps(['/control/lockouts' => ['engineSpeed' => ['rpm' => 2500, 'action' => $action], 'cranking' => false]])['engine-speed/seen//'];

        self::assertStringContainsString($says, Orchard::english($step->title));
        self::assertArrayNotHasKey('engine-speed/seen//', self::steps([]));
    }

    public function test_a_display_and_a_knob_are_looked_at(): void
    {
        $of = static fn (array $decider): array => array_values(preg_grep(
            '#^prove/#', array_keys(self::steps(Combination::changes($decider, Combination::loads()['one fan']))),
        ) ?: []);

        self::assertSame(['prove/seen/stage-1-switch/'], $of([...Combination::deciders()['electronic, dry contact'], 'hasDisplay' => true]));
        self::assertSame(['prove/seen/stage-1-controller/'], $of(Combination::deciders()['stepless']));
        self::assertSame([], $of(Combination::deciders()['switch closing when hot']));
    }

    /** Of two coils on one trigger each is measured in the hand, and an open contact beside a coil with one lead off. */
    public function test_what_lies_beside_others_is_measured_by_itself(): void
    {
        $steps = self::steps([
            ...Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two, a relay each']),
            '/control/lockouts' => ['engineSpeed' => ['rpm' => 2500], 'cranking' => false],
        ]);
        $coil = $steps['out/ohm/fan-1-relay:86/fan-1-relay:85'];
        self::assertSame(['test.coil-ohms-out', 90.0], [$coil->title->code, $coil->expected]);
        $contact = $steps['out/ohm/stage-1-switch:1/stage-1-switch:2'];
        self::assertSame(['test.switch-ohms-off', Reads::OPEN_OHM, INF], [$contact->title->code, $contact->least, $contact->most]);
    }

    /** A clamp goes round a wire that carries what its fan draws: never round one that lies beside it. */
    public function test_a_clamp_goes_round_what_carries_the_fan(): void
    {
        $clamped = 0;
        foreach (Combination::eachDecider() as $name => $changes) {
            $plan = new TestPlan(Orchard::sizing($changes));
            foreach ($plan->steps() as $step) {
                if ($step->title->code !== 'test.fan-current') {
                    continue;
                }
                $point = $plan->point(explode('/', $step->id)[0]);
                $drawn = array_map(static fn (FanMotor $motor): float => abs($point->currentA($motor->id)), $plan->circuit->each(FanMotor::class));
                self::assertGreaterThan(0.3 * min(array_filter($drawn) ?: [INF]), $step->expected, "{$name}: {$step->id}");
                $clamped++;
            }
        }
        self::assertGreaterThan(10, $clamped);
    }

    /** Whatever is tried, a sound vehicle passes it. */
    public function test_a_sound_vehicle_passes_all_of_it(): void
    {
        $plan = new TestPlan(Orchard::sizing(['/control/lockouts' => ['engineSpeed' => ['rpm' => 2500], 'cranking' => true]]));
        $meter = new StandInMeter($plan, 7, false);
        foreach (['standing/seen//', 'engine-speed/seen//', 'key-off+override=on/seen//'] as $id) {
            self::assertTrue($plan->steps()[$id]->passes($meter->showsStep($plan->steps()[$id])), $id);
        }
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, TestStep>
     */
    private static function steps(array $changes): array
    {
        return (new TestPlan(Orchard::sizing($changes)))->steps();
    }
}
