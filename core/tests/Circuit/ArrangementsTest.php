<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Message\InvalidInput;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Tests\Combination;
use LampThread\Tests\Operation\Ngspice;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every way the trade switches a fan, solved and checked. */
final class ArrangementsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, OperatingConditions, array<string, bool>}> control, setting, which fans turn */
    public static function behaviour(): iterable
    {
        $decider = Combination::deciders();
        $load = Combination::loads();
        $ac = Combination::airConditioning();
        $override = Combination::overrides();
        $make = Combination::changes(...);
        $switch = $decider['switch closing when hot'];
        $cold = new OperatingConditions(Key::Run, 850, 20);
        $warm = new OperatingConditions(Key::Run, 850, 93);
        $hot = new OperatingConditions(Key::Run, 850, 110);
        $one = static fn (bool $turns): array => ['fan-1' => $turns];
        $both = static fn (bool $first, bool $second): array => ['fan-1' => $first, 'fan-2' => $second];
        $set = static fn (
            string $input, string $position, float $coolantC = 20,
        ): OperatingConditions => new OperatingConditions(Key::Run, 850, $coolantC, [$input => $position]);

        foreach (Combination::eachDecider() as $name => $changes) {
            if (isset($decider[$name]['onC'])) {
                yield "{$name}, cold" => [$changes, $cold, $one(false)];
                yield "{$name}, hot" => [$changes, $hot, $one(true)];
                $isPastKey = in_array($name, ['switch carrying the fan', 'capillary carrying the fan'], true);
                yield "{$name}, key out, hot" => [$changes, new OperatingConditions(Key::Off, 0, 110), $one($isPastKey)];
            }
        }
        $twoStep = $make($decider['two contacts in one body'], $load['two at two temperatures']);
        yield 'two contacts in one body, below both' => [$twoStep, $cold, $both(false, false)];
        yield 'two contacts in one body, between them' => [$twoStep, $warm, $both(true, false)];
        yield 'two contacts in one body, above both' => [$twoStep, $hot, $both(true, true)];
        $byCondenserFan = $make($switch, $load['one fan'], 'earth', $ac['condenser-fan']);
        yield 'the vehicle’s condenser fan runs' => [$byCondenserFan, $set('condenser-fan', 'on'), $one(true)];
        yield 'the vehicle’s condenser fan rests' => [$byCondenserFan, $cold, $one(false)];
        yield 'condenser fan by its own pressure switch' => [
            $make($decider['pressure switch'], $load['one fan']),
            $set('pressure', 'high'),
            $one(true),
        ];
        yield 'condenser fan without pressure' => [
            $make($decider['pressure switch'], $load['one fan']),
            $hot,
            $one(false),
        ];
        yield 'by hand, on' => [
            $make($decider['hand'], $load['one fan']),
            $set('stage-1-switch', 'on'),
            $one(true),
        ];
        yield 'by hand, off and hot' => [$make($decider['hand'], $load['one fan']), $hot, $one(false)];
        yield 'a broken wire to a switch that opens when hot runs the fan' => [
            [
                ...$make($decider['switch opening when hot'], $load['one fan']),
                '/control/stages/0/decider/place' => 'top-hose',
                '/control/stages/0/decider/earthLead' => false,
            ],
            $cold,
            $one(true),
        ];

        yield 'two temperatures, between them' => [
            $make($switch, $load['two at two temperatures']),
            $warm,
            $both(true, false),
        ];
        yield 'two temperatures, above both' => [
            $make($switch, $load['two at two temperatures']),
            $hot,
            $both(true, true),
        ];
        yield 'two on one relay' => [$make($switch, $load['two on one relay']), $warm, $both(true, true)];
        yield 'series on low' => [$make($switch, $load['series and parallel']), $warm, $both(true, true)];
        yield 'parallel on high' => [$make($switch, $load['series and parallel']), $hot, $both(true, true)];

        foreach (['separate-relay', 'interposing-relay'] as $trigger) {
            yield "{$trigger}: runs with the compressor from cold" => [
                $make($switch, $load['one fan'], 'earth', $ac[$trigger]),
                $set('air-conditioning', 'on'),
                $one(true),
            ];
            yield "{$trigger}: not without it" => [
                $make($switch, $load['one fan'], 'earth', $ac[$trigger]),
                $cold,
                $one(false),
            ];
        }
        yield 'diode into a supply-side coil' => [
            $make($switch, $load['one fan'], 'supply', $ac['diode']),
            $set('air-conditioning', 'on'),
            $one(true),
        ];
        yield 'pressure switch' => [
            $make($switch, $load['one fan'], 'earth', $ac['pressure-switch']),
            $set('pressure', 'high'),
            $one(true),
        ];
        yield 'the computer hears the air conditioning' => [
            $make($decider['computer'], $load['one fan'], 'earth', $ac['computer']),
            $set('air-conditioning', 'on'),
            $one(true),
        ];
        yield 'the controller hears it' => [
            $make($decider['stepless'], $load['one fan'], 'earth', $ac['controller-input']),
            $set('air-conditioning', 'on'),
            $one(true),
        ];

        yield 'off, automatic, on: off while hot' => [
            $make($switch, $load['one fan'], 'earth', null, $override['three-position']),
            $set('override', 'off', 110),
            $one(false),
        ];
        yield 'off, automatic, on: on while cold' => [
            $make($switch, $load['one fan'], 'earth', null, $override['three-position']),
            $set('override', 'on'),
            $one(true),
        ];
        yield 'off, automatic, on: automatic' => [
            $make($switch, $load['one fan'], 'supply', null, $override['three-position']),
            $hot,
            $one(true),
        ];
        yield 'supply side, on' => [
            $make($switch, $load['one fan'], 'supply', null, $override['three-position']),
            $set('override', 'on'),
            $one(true),
        ];
        yield 'change-over: on while cold' => [
            $make($switch, $load['one fan'], 'earth', null, $override['change-over']),
            $set('override', 'on'),
            $one(true),
        ];
        yield 'change-over: what was there still works' => [
            $make($switch, $load['one fan'], 'earth', null, $override['change-over']),
            $hot,
            $one(true),
        ];
        yield 'change-over into the original wiring: the original still works' => [
            $make($decider['original'], $load['one fan'], 'earth', null, $override['change-over']),
            $hot,
            $one(true),
        ];
        yield 'change-over into the original wiring: on while cold' => [
            $make($decider['original'], $load['one fan'], 'earth', null, $override['change-over']),
            $set('override', 'on'),
            $one(true),
        ];
        yield 'original trigger joined: on while cold' => [
            $make($decider['original'], $load['one fan'], 'earth', null, $override['force-on']),
            $set('override', 'on'),
            $one(true),
        ];
        yield 'original kept: cold' => [$make($decider['original'], $load['one fan']), $cold, $one(false)];
        yield 'original kept, a second fan added' => [
            [...$make($decider['original'], $load['two at two temperatures']), '/control/stages/1/decider' => [...$switch, 'onC' => 97]],
            $warm,
            $both(true, false),
        ];
        yield 'sensor opened' => [
            $make($decider['computer'], $load['one fan'], 'earth', null, $override['sensor-open']),
            $set('override', 'on'),
            $one(true),
        ];
        yield 'sensor closed' => [
            $make($decider['computer'], $load['one fan'], 'earth', null, $override['sensor-open']),
            $cold,
            $one(false),
        ];
        yield 'low by hand' => [
            $make($switch, $load['two at two temperatures'], 'earth', null, $override['low-high']),
            $set('override', 'low'),
            $both(true, false),
        ];
        yield 'high by hand' => [
            $make($switch, $load['two at two temperatures'], 'earth', null, $override['low-high']),
            $set('override', 'high'),
            $both(true, true),
        ];
        yield 'cut out while hot' => [
            $make($switch, $load['one fan'], 'earth', null, $override['cut-out']),
            $set('override', 'cut', 110),
            $one(false),
        ];
        yield 'cut out with the compressor on' => [
            $make($switch, $load['one fan'], 'earth', $ac['separate-relay'], $override['cut-out']),
            new OperatingConditions(Key::Run, 850, 110, ['override' => 'cut', 'air-conditioning' => 'on']),
            $one(false),
        ];

        $afterRun = ['afterRun' => ['delayS' => 235]];
        $keyOut = static fn (float $elapsedS): OperatingConditions => new OperatingConditions(Key::Off, 0, 110, elapsedS: $elapsedS);
        // Common practice, no source: a delay relay set for 3.5 to 4 min measured 3 min 55 s.
        yield 'after-run, just before its time' => [
            $make($switch, $load['one fan'], more: $afterRun),
            $keyOut(234.9),
            $one(true),
        ];
        yield 'after-run, at its time' => [
            $make($switch, $load['one fan'], more: $afterRun),
            $keyOut(235),
            $one(false),
        ];
        yield 'after-run by a push' => [
            $make($switch, $load['one fan'], more: ['afterRun' => ['delayS' => 60, 'startedBy' => 'push']]),
            new OperatingConditions(Key::Run, 0, 20, elapsedS: 10),
            $one(true),
        ];
        $runOn = ['afterRun' => ['delayS' => 60, 'startedBy' => 'switch']];
        foreach ([['on', null, true], ['off', null, false], ['off', 59.0, true], ['off', 60.0, false], ['on', 60.0, true]] as [$position, $elapsedS, $turns]) {
            foreach ([Key::Off, Key::Run] as $key) {
                yield "one switch for on and run-on, {$position}, let go ".($elapsedS ?? 'never').", key {$key->value}" => [
                    $make($switch, $load['one fan'], more: $runOn),
                    new OperatingConditions($key, 0, 20, ['after-run-switch' => $position], elapsedS: $elapsedS),
                    $one($turns),
                ];
            }
        }

        $lockout = ['lockouts' => ['engineSpeed' => ['rpm' => 2000]]];
        yield 'lockout below its speed' => [
            $make($switch, $load['one fan'], more: $lockout),
            new OperatingConditions(Key::Run, 1900, 110),
            $one(true),
        ];
        yield 'lockout above its speed' => [
            $make($switch, $load['one fan'], more: $lockout),
            new OperatingConditions(Key::Run, 2000, 110),
            $one(false),
        ];
        yield 'cranking lockout' => [
            $make($switch, $load['one fan'], more: ['lockouts' => ['cranking' => true]]),
            new OperatingConditions(Key::Crank, 0, 110),
            $one(false),
        ];
        yield 'no cranking lockout' => [
            $make($switch, $load['one fan']),
            new OperatingConditions(Key::Crank, 0, 110),
            $one(true),
        ];
        yield 'feed relay' => [
            $make($switch, $load['one fan'], more: ['feedRelay' => true]),
            $hot,
            $one(true),
        ];
        yield 'feed relay, key out' => [
            $make($switch, $load['one fan'], more: ['feedRelay' => true]),
            new OperatingConditions(Key::Off, 0, 110),
            $one(false),
        ];
        yield 'from a stud, earthed to the engine' => [
            $make($switch, $load['one fan'], more: ['feed' => 'fuse-box-stud', 'earth' => 'engine']),
            $hot,
            $one(true),
        ];
        yield 'from the circuit that was there' => [
            $make($switch, $load['one fan'], more: ['feed' => 'existing-circuit', 'existingFuseA' => 30]),
            $hot,
            $one(true),
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, bool>  $fans
     */
    #[DataProvider('behaviour')]
    public function test_the_fans_do_what_the_arrangement_is_for(array $changes, OperatingConditions $setting, array $fans): void
    {
        $point = (new Solver(Orchard::sizing($changes)->circuit))->settle($setting);

        foreach ($fans as $id => $turns) {
            self::assertSame($turns ? FanMotor::TURNING : FanMotor::AT_REST, $point->position($id), $id);
        }
        Ngspice::assertAgrees([$point]);
    }

    public function test_series_halves_the_voltage_and_shares_one_current(): void
    {
        $solver = new Solver(Orchard::sizing(Combination::changes(
            Combination::deciders()['switch closing when hot'],
            Combination::loads()['series and parallel'],
        ))->circuit);
        $low = $solver->settle(new OperatingConditions(Key::Run, 850, 93));
        $high = $solver->settle(new OperatingConditions(Key::Run, 850, 110));

        self::assertEqualsWithDelta($low->currentA('fan-1'), $low->currentA('fan-2'), 1e-6);
        self::assertEqualsWithDelta(0.5, $low->voltages->across('fan-1:+', 'fan-1:-') / $high->voltages->across('fan-1:+', 'fan-1:-'), 0.02);
        self::assertGreaterThan(2.5, $high->currentA('fan-1') / $low->currentA('fan-1'));
    }

    public function test_a_dropping_resistor_and_a_slow_winding_give_about_six_tenths_of_the_speed(): void
    {
        foreach (['dropping resistor', 'two windings'] as $load) {
            $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()[$load]));
            $motor = $sizing->circuit->components['fan-1'];
            self::assertInstanceOf(FanMotor::class, $motor);
            $solver = new Solver($sizing->circuit);
            $speed = static fn (OperatingPoint $point): float => $motor->model->speedShare($point->voltages->across('fan-1:+', 'fan-1:-'));

            self::assertEqualsWithDelta(0.63, $speed($solver->settle(new OperatingConditions(Key::Run, 850, 93))), 0.03);
            self::assertEqualsWithDelta(1.05, $speed($solver->settle(new OperatingConditions(Key::Run, 850, 110))), 0.03);
        }
    }

    public function test_a_stepless_controller_gives_more_the_hotter_it_is_and_takes_only_what_it_gives(): void
    {
        $solver = new Solver(Orchard::sizing(Combination::changes(
            Combination::deciders()['stepless'],
            Combination::loads()['one fan'],
        ))->circuit);
        $last = 0.0;
        foreach ([92, 94, 96, 98, 100] as $coolantC) {
            $point = $solver->settle(new OperatingConditions(Key::Run, 850, $coolantC));
            $fanV = $point->voltages->across('fan-1:+', 'fan-1:-');
            $fanA = $point->currentA('fan-1');
            $inV = $point->voltages->across('stage-1-controller:30', 'stage-1-controller:31');
            $inA = $point->currentA('W2');
            self::assertGreaterThan($last, $fanV);
            self::assertEqualsWithDelta($inV * $inA, $fanV * $fanA, 0.03 * $inV * $inA + 0.5, "{$coolantC} °C: power in is power out");
            $last = $fanV;
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> what is refused, where, and in which words */
    public static function refused(): iterable
    {
        $decider = Combination::deciders();
        $load = Combination::loads();
        $ac = Combination::airConditioning();
        $override = Combination::overrides();
        $switch = $decider['switch closing when hot'];
        $make = Combination::changes(...);
        yield 'variable compressor’s wire as trigger' => [
            $make($switch, $load['one fan'], 'earth', $ac['variable, interposing-relay']),
            '/control/airConditioning/trigger',
            'refusal.variable-compressor',
        ];
        yield 'clutch wire into an earth-side coil' => [
            $make($switch, $load['one fan'], 'earth', $ac['diode']),
            '/control/airConditioning/trigger',
            'refusal.clutch-wire-is-positive',
        ];
        yield 'a computer that is not there' => [
            $make($switch, $load['one fan'], 'earth', $ac['computer']),
            '/control/airConditioning/trigger',
            'refusal.no-computer',
        ];
        yield 'an open sensor that may read as cold' => [
            [...$make($decider['computer'], $load['one fan'], 'earth', null, $override['sensor-open']), '/control/stages/0/decider/openReadsHot' => false],
            '/control/overrides/0/kind',
            'refusal.open-sensor-reads-cold',
        ];
        yield 'low and high on one stage' => [
            $make($switch, $load['one fan'], 'earth', null, $override['low-high']),
            '/control/overrides/0/kind',
            'refusal.low-high-needs-relays',
        ];
        yield 'two deciders on one output' => [
            [...$make($decider['computer'], $load['two at two temperatures']), '/control/stages/1/decider/output' => 'fan'],
            '/control/stages/1/decider/output',
            'refusal.output-taken',
        ];
        yield 'one fan in two stages' => [
            [...$make($switch, $load['two at two temperatures']), '/control/stages/1/fans' => ['fan-1']],
            '/control/stages/1/fans/0',
            'refusal.fan-in-two-stages',
        ];
        yield 'three fans in series' => [
            [...$make($switch, $load['dropping resistor']), '/control/speeds' => 'series-parallel'],
            '/control/speeds',
            'refusal.speeds-fans',
        ];
        yield 'five fans' => [
            [...$make($switch, $load['one fan']), '/fans' => array_fill(0, 5, Orchard::file()['fans'][0])],
            '/fans',
            'input.schema.too-many',
        ];
        yield 'after-run beside a fan without a relay' => [
            $make($decider['stepless'], $load['one fan'], more: ['afterRun' => ['delayS' => 60]]),
            '/control/afterRun',
            'refusal.after-run-needs-own-relay',
        ];
        yield 'existing circuit without its fuse' => [
            $make($switch, $load['one fan'], more: ['feed' => 'existing-circuit']),
            '/control/existingFuseA',
            'refusal.shared-fuse-missing',
        ];
        yield 'a thermostat without its temperatures' => [
            $make(['kind' => 'thermostat', 'output' => 'capillary'], $load['one fan']),
            '/control/stages/0/decider/onC',
            'input.missing',
        ];
        yield 'a thermostat with an output there is not' => [
            $make([...$decider['capillary'], 'output' => 'sideways'], $load['one fan']),
            '/control/stages/0/decider/output',
            'input.schema.enum',
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('refused')]
    public function test_what_does_not_go_together_is_refused_with_the_reason(array $changes, string $at, string $code): void
    {
        try {
            Orchard::brief($changes);
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            $told = [];
            foreach ($unusable->problems as $problem) {
                $told[$problem->at] = $problem->message->code;
            }
            self::assertArrayHasKey($at, $told, $unusable->getMessage());
            self::assertSame($code, $told[$at]);
        }
    }
}
