<?php

declare(strict_types=1);

namespace LampThread\Tests\Handover;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Handover\Suspects;
use LampThread\Handover\TakenReading;
use LampThread\Handover\TestPlan;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Operation\Solver;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where the volts went: a bad joint planted somewhere is found from readings with the noise of usual instruments. */
final class SuspectsTest extends TestCase
{
    private const CASES = 30;

    private const MOST_ASKED = 6;

    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937((int) getenv('LAMP_SEED')));
    }

    /** 500 cases (LAMP_CASES=500) found 496, with three readings asked for in the middle and six at most. */
    public function test_a_planted_joint_is_found_in_few_readings(): void
    {
        $many = (int) (getenv('LAMP_CASES') ?: self::CASES);
        $found = 0;
        $asked = [];
        while (count($asked) < $many) {
            $case = $this->planted();
            if ($case !== null) {
                [$plan, $place, $faults, $readings] = $case;
                $before = count($readings);
                $suspects = new Suspects($plan, $readings);
                while ($suspects->places()[0]->share < 0.95 && count($readings) < $before + self::MOST_ASKED && ($next = $suspects->next()) !== null) {
                    $readings[] = new TakenReading($next, $this->read($plan, $next, $faults));
                    $suspects = new Suspects($plan, $readings);
                }
                $found += $suspects->places()[0]->part === $place ? 1 : 0;
                $asked[] = count($readings) - $before;
            }
        }
        sort($asked);
        self::assertGreaterThanOrEqual(0.9 * $many, $found);
        self::assertLessThanOrEqual(3, $asked[intdiv($many, 2)]);
    }

    public function test_a_fan_that_draws_more_is_told_from_a_bad_joint(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $faults = new Faults(draws: ['fan-1' => 1.5]);
        $readings = array_map(
            fn (string $id): TakenReading => new TakenReading($plan->measurement($id), $this->read($plan, $plan->measurement($id), $faults)),
            ['hot-1/volt/fan-1:+/fan-1:-', 'hot-1/ampere/W4/', 'hot-1/volt/battery:+/fan-1:+'],
        );
        $top = (new Suspects($plan, $readings))->places()[0];
        self::assertSame('fan-1', $top->part);
        self::assertEqualsWithDelta(1.5, $top->draws, 0.15);
    }

    /** A joint between the resistances that are solved is told by what it has, to a fifth. */
    #[TestWith([0.03])]
    #[TestWith([0.1])]
    #[TestWith([0.3])]
    #[TestWith([2.0])]
    public function test_a_joint_is_told_with_its_resistance(float $ohm): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $broken = (new Solver($plan->circuit))->settle($plan->point('hot-1')->conditions->withFaults(new Faults(jointOhms: ['fan-1-fuse' => $ohm])));
        $readings = array_map(static fn (array $between): TakenReading => new TakenReading(
            $measurement = new Measurement('hot-1', Reads::Volt, ...$between), $measurement->value($broken),
        ), [['battery:+', 'fan-1-fuse:1'], ['fan-1-fuse:1', 'fan-1-fuse:2'], ['fan-1-fuse:2', 'fan-1:+'], ['fan-1:+', 'fan-1:-']]);
        $top = (new Suspects($plan, $readings))->places()[0];

        self::assertSame('fan-1-fuse', $top->part);
        self::assertEqualsWithDelta($ohm, $top->jointOhm, 0.2 * $ohm);
    }

    /** A fan that is seen to stand, with its voltage at it, is itself what is suspected. */
    public function test_what_is_seen_counts(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $broken = (new Solver($plan->circuit))->settle($plan->point('hot-1')->conditions->withFaults($plan->circuit->broken(['fan-1-relay' => FaultKind::StuckOff])));
        $seen = new Measurement('hot-1', Reads::Seen, '', '');
        $places = static fn (float $value): array => (new Suspects($plan, [new TakenReading($seen, $value)]))->places();

        self::assertNotNull($places($seen->value($broken, $plan->point('hot-1')))[0]->part);
        self::assertNull($places($seen->value($plan->point('hot-1'), $plan->point('hot-1')))[0]->part);
    }

    public function test_readings_of_a_sound_circuit_suspect_nothing(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $readings = array_map(fn (string $id): TakenReading => new TakenReading($plan->measurement($id), (float) $plan->steps()[$id]->expected), [
            'hot-1/volt/fan-1:+/fan-1:-', 'hot-1/volt/battery:+/fan-1:+', 'hot-1/volt/fan-1:-/battery:-',
        ]);
        self::assertNull((new Suspects($plan, $readings))->places()[0]->part);
    }

    /** @return array{TestPlan, string, Faults, list<TakenReading>}|null null where nothing is read outside: then nobody would look */
    private function planted(): ?array
    {
        $jobs = Workshop::jobs();
        $plan = Workshop::plan($jobs[$this->random->getInt(0, count($jobs) - 1)]);
        $places = array_keys(array_filter($plan->circuit->faults(), static fn (array $faults): bool => in_array(FaultKind::SlightJoint, array_column($faults, 'kind'), true)));
        $place = $places[$this->random->getInt(0, count($places) - 1)];
        $draws = [];
        foreach ($plan->circuit->each(FanMotor::class) as $motor) {
            $draws[$motor->id] = 1 + 0.06 * $this->normal();
        }
        $faults = new Faults(jointOhms: [$place => 0.05 * 60 ** ($this->random->getInt(0, 1000) / 1000)], draws: $draws);
        $readings = [];
        $outside = null;
        foreach ($plan->steps() as $id => $step) {
            $setting = explode('/', $id)[0];
            if (isset($plan->settings[$setting])) {
                $measurement = $plan->measurement($id);
                $value = $this->read($plan, $measurement, $faults);
                $outside ??= $step->passes($value) ? null : $setting;
                $readings[$setting][] = new TakenReading($measurement, $value);
            }
        }

        return $outside === null ? null : [$plan, $place, $faults, $readings[$outside]];
    }

    private function read(TestPlan $plan, Measurement $measurement, Faults $faults): float
    {
        $sound = $plan->point($measurement->setting);
        $value = $measurement->value((new Solver($plan->circuit))->settle($sound->conditions->withFaults($faults)), $sound);

        return $measurement->reads === Reads::Seen ? $value : $value + 0.35 * $this->normal() * $measurement->reads->error($value);
    }

    private function normal(): float
    {
        return sqrt(-2 * log($this->random->getInt(1, 1_000_000) / 1e6)) * cos(2 * M_PI * $this->random->getInt(0, 1_000_000) / 1e6);
    }
}
