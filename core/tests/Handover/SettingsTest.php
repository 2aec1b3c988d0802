<?php

declare(strict_types=1);

namespace LampThread\Tests\Handover;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Exchange\JobFile;
use LampThread\Handover\StandInMeter;
use LampThread\Handover\TestPlan;
use LampThread\Handover\TestStep;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Observation\Setting;
use LampThread\Observation\Settings;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Circuit\RealArrangements;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The states a circuit is tried in, and what is held where. */
final class SettingsTest extends TestCase
{
    public function test_sensors_act_one_after_the_other_and_each_switch_in_each_position(): void
    {
        $settings = Workshop::plan('larkspur-camper')->settings;
        self::assertSame(['key-off', 'rest', 'hot-1', 'hot-2'], array_slice(array_keys($settings), 0, 4));
        self::assertCount(1, $settings['hot-1']->conditions->localC);
        self::assertCount(2, $settings['hot-2']->conditions->localC);
        foreach (Workshop::plan('larkspur-camper')->circuit->positions() as $input => $positions) {
            foreach (array_slice($positions, 1) as $position) {
                self::assertArrayHasKey("rest+{$input}={$position}", $settings);
                self::assertSame([], $settings["rest+{$input}={$position}"]->conditions->localC, 'cold');
                self::assertCount(2, $settings["hot-2+{$input}={$position}"]->conditions->localC, 'with every sensor made to act');
            }
        }
        self::assertSame([], preg_grep('/\+\S+=(off|rests|automatic)$/', array_keys($settings)) ?: [], 'how a switch lies at rest is no setting of its own');
        self::assertSame(Key::Off, $settings['key-off-hot']->conditions->key);
        self::assertSame([1, 1, 2, 3, 3], array_map(
            static fn (string $id): int => count($settings[$id]->says), ['key-off', 'rest', 'hot-1', 'hot-2', 'key-off-hot'],
        ), 'the key, and each sensor that is made to act');
        self::assertSame(['idle'], array_keys(array_filter($settings, static fn (Setting $one): bool => $one->conditions->engineRpm > 0)));
        self::assertGreaterThan(0, $settings['idle']->conditions->engineRpm);
    }

    /** The sensor that acts first is made to act first, whichever stage it decides. */
    public function test_sensors_act_in_the_order_of_their_temperatures(): void
    {
        foreach ([[92, 97, 'stage-1-switch'], [97, 92, 'stage-2-switch']] as [$firstC, $secondC, $acts]) {
            $settings = (new Settings(Orchard::sizing([
                ...Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']),
                '/control/stages/0/decider/onC' => $firstC, '/control/stages/0/decider/offC' => $firstC - 5,
                '/control/stages/1/decider/onC' => $secondC, '/control/stages/1/decider/offC' => $secondC - 5,
            ])->circuit))->all();

            self::assertSame([$acts], array_keys($settings['hot-1']->conditions->localC));
            self::assertCount(2, $settings['hot-2']->conditions->localC);
        }
    }

    /** The battery is measured at rest, and what the alternator gives with the engine running; nowhere else. */
    public function test_battery_and_alternator_are_measured(): void
    {
        $between = array_filter(Workshop::plan('orchard-sprayer')->steps(), static fn (TestStep $step): bool => [$step->from, $step->to] === ['battery:+', 'battery:-']);

        self::assertSame(['key-off/volt/battery:+/battery:-', 'idle/volt/battery:+/battery:-'], array_keys($between));
    }

    public function test_every_setting_says_what_is_done_to_get_there(): void
    {
        foreach (Workshop::jobs() as $job) {
            foreach (Workshop::plan($job)->settings as $setting) {
                self::assertNotSame([], $setting->says);
                self::assertMatchesRegularExpression('/^(Key|Engine)/', Orchard::english($setting->says[0]), "{$job}: {$setting->id}");
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function vehicles(): iterable
    {
        foreach (RealArrangements::all() as $name => [$file]) {
            yield $name => [$file];
        }
    }

    /**
     * As vehicles come: every fan that turns in any setting is measured at its plug, and the plan says what turns in each setting that differs.
     *
     * @param  array<string, mixed>  $file
     */
    #[DataProvider('vehicles')]
    public function test_every_fan_that_turns_is_measured_and_seen(array $file): void
    {
        $plan = new TestPlan(Sizing::of(Orchard::files()->brief(Orchard::files()->decode(JobFile::encode($file))), Orchard::shelf()));
        $steps = $plan->steps();
        foreach ($plan->circuit->each(FanMotor::class) as $motor) {
            $turns = array_filter(
                $plan->settings, static fn (Setting $setting): bool => $plan->point($setting->id)->position($motor->id) === FanMotor::TURNING,
            );
            $measured = array_filter($steps, static fn (TestStep $step): bool => $step->reads === Reads::Volt && $step->from !== null && $step->to !== null
                && [explode(':', $step->from)[0], explode(':', $step->to)[0]] === [$motor->id, $motor->id]);
            self::assertSame($turns === [], $measured === [], $motor->id);
        }
        $seen = array_filter($steps, static fn (TestStep $step): bool => $step->reads === Reads::Seen && str_ends_with($step->id, '/seen//'));
        self::assertGreaterThanOrEqual(3, count($seen));
        foreach ($steps as $id => $step) {
            self::assertLessThanOrEqual($step->most, $step->least, $id);
            self::assertNotSame('', Orchard::english($step->title));
        }
    }

    public function test_a_measurement_is_known_again_by_its_name(): void
    {
        $measurement = new Measurement('hot-1', Reads::Volt, 'fan-1:+', 'battery:-');
        self::assertEquals($measurement, Measurement::named($measurement->id()));
        $point = Workshop::plan('orchard-sprayer')->point('hot-1');
        self::assertEqualsWithDelta($point->voltages->at('fan-1:+'), $measurement->value($point), 1e-9);
        self::assertEqualsWithDelta(abs($point->currentA('W4')), (new Measurement('hot-1', Reads::Ampere, 'W4', ''))->value($point), 1e-9);
        $rest = Workshop::plan('orchard-sprayer')->point('rest');
        self::assertSame(0.0, (new Measurement('rest', Reads::Seen, '', ''))->value($point, $rest));
    }

    public function test_the_same_seed_is_the_same_vehicle_and_a_bad_joint_lies_where_it_is_felt(): void
    {
        foreach (Workshop::jobs() as $job) {
            $plan = Workshop::plan($job);
            $meter = new StandInMeter($plan, 3, hasBadJoint: true);
            self::assertNotNull($meter->badJoint);
            self::assertEquals($meter->faults, (new StandInMeter($plan, 3, hasBadJoint: true))->faults);
            self::assertNull((new StandInMeter($plan, 3, hasBadJoint: false))->badJoint);
            $felt = 0.0;
            foreach ($plan->settings as $setting) {
                foreach ($plan->point($setting->id)->elementsByPart()[$meter->badJoint] ?? [] as $element) {
                    $felt = max($felt, abs($plan->point($setting->id)->currentA($element->name())));
                }
            }
            self::assertGreaterThan(2.0, $felt, $job);
        }
    }
}
