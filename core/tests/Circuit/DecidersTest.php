<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Brief\DutyCurve;
use LampThread\Brief\Place;
use LampThread\Brief\TemperatureBand;
use LampThread\Brief\ThermalAction;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\ElectronicThermostat;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Hysteresis;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\LockoutSwitch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\NodeVoltages;
use LampThread\Operation\Solver;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The parts that decide, one by one. */
final class DecidersTest extends TestCase
{
    /** A power module gives what the computer tells it; without that signal, or asked by the air conditioning, it gives all; with the key out nothing. */
    public function test_a_power_module_goes_by_the_computers_signal(): void
    {
        $module = Combination::deciders()['power module'];
        $circuit = Orchard::sizing([
            ...Combination::changes($module, Combination::loads()['one fan']), '/control/airConditioning' => ['compressor' => 'variable', 'trigger' => 'computer'],
        ])->circuit;
        $signal = $circuit->wiresAt('stage-1-controller-signal:1')[0]->id;
        $volts = static function (OperatingConditions $conditions) use ($circuit): float {
            $point = (new Solver($circuit))->settle($conditions);

            return $point->voltages->across('fan-1:+', 'fan-1:-');
        };
        $cold = new OperatingConditions(Key::Run, 850, 20);
        $full = $volts(new OperatingConditions(Key::Run, 850, 110));

        self::assertGreaterThan(12.0, $full);
        self::assertLessThan(0.5, abs($volts($cold)));
        self::assertEqualsWithDelta(0.625 * $full, $volts(new OperatingConditions(Key::Run, 850, 96)), 1.0, 'in the middle of its span');
        self::assertEqualsWithDelta($full, $volts($cold->withFaults(new Faults([$signal => new Open]))), 0.1, 'its signal lost');
        self::assertEqualsWithDelta($full, $volts(new OperatingConditions(Key::Run, 850, 20, ['air-conditioning' => 'on'])), 0.3);
        self::assertLessThan(0.5, abs($volts(new OperatingConditions(Key::Off, 0, 110))));
    }

    private TemperatureBand $band;

    protected function setUp(): void
    {
        $this->band = new TemperatureBand(onC: 92, offC: 87, place: Place::RadiatorInlet);
    }

    #[TestWith([86.0, 0, 0])]
    #[TestWith([87.0, 1, 0])]
    #[TestWith([90.0, 0, 0])]
    #[TestWith([90.0, 1, 1])]
    #[TestWith([90.0, 2, 1])]
    #[TestWith([92.0, 0, 1])]
    #[TestWith([120.0, 1, 1])]
    public function test_between_its_temperatures_everything_stays_as_it_was(float $coolantC, int $was, int $is): void
    {
        $setting = new OperatingConditions(coolantC: $coolantC, memory: ['b' => $was]);

        self::assertSame($is, Hysteresis::of($this->band, $setting, 'b'));
    }

    public function test_a_switch_that_opens_when_hot_is_closed_while_cold(): void
    {
        $switch = new TemperatureSwitch(
            'b', 'B1', Message::verbatim('Switch'), 'stage-1', $this->band, ThermalAction::OpensWhenHot, 6, '/control/stages/0/decider/ratedA',
        );

        self::assertTrue($this->conducts($switch, new OperatingConditions, Hysteresis::COLD));
        self::assertFalse($this->conducts($switch, new OperatingConditions, Hysteresis::HOT));
    }

    public function test_an_electronic_thermostat_without_its_supply_does_nothing(): void
    {
        $module = $this->thermostat(['b:1', 'b:2']);
        $hot = new OperatingConditions(Key::Run, 850, 100);
        $supplied = new NodeVoltages(['b:15' => 13.0, 'b:31' => 0.0, 'b:S1' => 4.0]);
        $dead = new NodeVoltages(['b:15' => 0.0, 'b:31' => 0.0]);

        self::assertSame(Hysteresis::HOT, $module->initialPosition($hot));
        self::assertSame(ElectronicThermostat::SWITCHED, $module->nextPosition(Hysteresis::HOT, $hot, $supplied));
        self::assertSame(Hysteresis::HOT, $module->nextPosition(ElectronicThermostat::SWITCHED, $hot, $dead));
        self::assertSame(Hysteresis::COLD, $module->nextPosition(Hysteresis::COLD, $hot, $supplied));
        self::assertCount(3, $module->elements($hot, Hysteresis::HOT), 'only what it and its probe draw');
    }

    #[TestWith(['dry-contact', 'earth', '1', '2'])]
    #[TestWith(['to-earth', 'earth', 'out', '31'])]
    #[TestWith(['to-supply', 'supply', '15', 'out'])]
    public function test_where_an_electronic_thermostats_output_goes(string $output, string $side, string $from, string $to): void
    {
        $decider = ['kind' => 'thermostat', 'output' => $output, 'onC' => 92, 'offC' => 87, 'place' => 'radiator-inlet'];
        $module = Orchard::sizing(['/control/stages/0/decider' => $decider, '/control/stages/0/side' => $side])->circuit->sensorOf('stage-1');

        self::assertInstanceOf(ElectronicThermostat::class, $module);
        self::assertSame([$module->terminal($from), $module->terminal($to)], $module->output());
    }

    public function test_the_computer_works_its_output_only_with_the_ignition_on(): void
    {
        $driver = $this->computer(hears: false, sensor: false);

        self::assertCount(1, $driver->elements(new OperatingConditions(Key::Run), Hysteresis::HOT));
        self::assertSame([], $driver->elements(new OperatingConditions(Key::Run), Hysteresis::COLD));
        self::assertSame([], $driver->elements(new OperatingConditions(Key::Off), Hysteresis::HOT));
        self::assertSame([], $driver->elements(new OperatingConditions(Key::Crank), Hysteresis::HOT));
    }

    public function test_the_computer_hears_the_air_conditioning_only_where_it_is_told_to(): void
    {
        $asked = new OperatingConditions(Key::Run, positions: [Clutch::INPUT => Clutch::ON]);

        self::assertCount(1, $this->computer(hears: true, sensor: false)->elements($asked, Hysteresis::COLD));
        self::assertSame([], $this->computer(hears: false, sensor: false)->elements($asked, Hysteresis::COLD));
        self::assertSame(['off'], $this->computer(hears: false, sensor: false)->inputPositions());
    }

    public function test_an_open_sensor_reads_as_hot_where_the_computer_takes_it_so(): void
    {
        $driver = $this->computer(hears: false, sensor: true);
        $cold = new OperatingConditions(Key::Run, 850, 20);
        $open = new NodeVoltages(['a:S' => 12.5, 'battery:+' => 12.6]);
        $sound = new NodeVoltages(['a:S' => 1.5, 'battery:+' => 12.6]);

        self::assertSame(Hysteresis::HOT, $driver->nextPosition(Hysteresis::COLD, $cold, $open));
        self::assertSame(Hysteresis::COLD, $driver->nextPosition(Hysteresis::COLD, $cold, $sound));
    }

    /** Least duty at onC, all of it a span later. */
    #[TestWith([92.0, 25.0])]
    #[TestWith([94.0, 43.75])]
    #[TestWith([96.0, 62.5])]
    #[TestWith([100.0, 100.0])]
    #[TestWith([120.0, 100.0])]
    #[TestWith([88.0, 25.0])]
    public function test_duty_grows_with_temperature(float $coolantC, float $dutyPercent): void
    {
        $duty = new DutyCurve(spanK: 8, leastPercent: 25);

        self::assertEqualsWithDelta($dutyPercent, $duty->percentAt($coolantC - $this->band->onC), 1e-9);
    }

    public function test_a_controller_needs_its_enable_and_gives_all_when_it_is_asked(): void
    {
        $stepless = new Stepless('a', 'A1', 'stage-1', $this->band, new DutyCurve(8, 25), 3, 40, '/control/stages/0/decider/ratedA', 12, hasRequest: true, fansA: 12);
        $hot = new OperatingConditions(Key::Run, 850, 96);
        $volts = static fn (float $enableV, float $requestV): NodeVoltages => new NodeVoltages([
            'a:15' => $enableV,
            'a:AC' => $requestV,
            'a:31' => 0.0,
            'a:S1' => 0.3 * $enableV,
        ]);

        self::assertSame(0, $stepless->nextPosition(63, $hot, $volts(0, 13)));
        self::assertSame(63, $stepless->nextPosition(0, $hot, $volts(13, 0)));
        self::assertSame(100, $stepless->nextPosition(0, new OperatingConditions(Key::Run, 850, 20), $volts(13, 13)));
        self::assertSame(0, $stepless->nextPosition(40, new OperatingConditions(Key::Run, 850, 80), $volts(13, 0)));
    }

    public function test_a_clutch_coil_is_always_there_and_its_feed_only_when_asked(): void
    {
        $clutch = new Clutch('Y1', 12);
        $on = new OperatingConditions(Key::Run, positions: [Clutch::INPUT => Clutch::ON]);

        self::assertCount(1, $clutch->elements(new OperatingConditions(Key::Run), 0));
        self::assertCount(2, $clutch->elements($on, 0));
        self::assertCount(1, $clutch->elements(new OperatingConditions(Key::Off, positions: [Clutch::INPUT => Clutch::ON]), 0));
        self::assertEqualsWithDelta(3.6, $clutch->elements(new OperatingConditions, 0)[0]->currentA(12), 1e-9);
    }

    public function test_a_pressure_switch_closes_when_the_pressure_is_high(): void
    {
        $switch = new PressureSwitch('p', 'B2', 3);

        self::assertFalse($this->conducts($switch, new OperatingConditions, 0));
        self::assertTrue($this->conducts($switch, new OperatingConditions(positions: [PressureSwitch::INPUT => PressureSwitch::ACTS]), 0));
    }

    #[TestWith([false, 'off', 0.0, true])]
    #[TestWith([false, 'off', 234.9, true])]
    #[TestWith([false, 'off', 235.0, false])]
    #[TestWith([false, 'run', 10.0, false])]
    #[TestWith([true, 'run', 0.0, true])]
    #[TestWith([true, 'run', 10.0, true])]
    #[TestWith([true, 'run', 235.0, false])]
    #[TestWith([true, 'off', null, false])]
    public function test_a_time_relay_is_closed_for_its_time_after_it_was_started(bool $isPush, string $key, ?float $elapsedS, bool $isClosed): void
    {
        $circuit = Orchard::sizing(['/control/afterRun' => ['delayS' => 235, 'startedBy' => $isPush ? 'push' : 'key']])->circuit;
        $point = (new Solver($circuit))->settle(new OperatingConditions(Key::from($key), elapsedS: $elapsedS));

        self::assertSame($isClosed ? 1 : 0, $point->position(DelayRelay::ID));
    }

    /** Its trigger and its earth are wires: without them it never starts. */
    #[TestWith([false, '15'])]
    #[TestWith([false, '31'])]
    #[TestWith([true, '15'])]
    #[TestWith([true, '31'])]
    public function test_a_time_relay_works_by_its_wires(bool $isPush, string $terminal): void
    {
        $circuit = Orchard::sizing(['/control/afterRun' => ['delayS' => 235, 'startedBy' => $isPush ? 'push' : 'key']])->circuit;
        $cut = $circuit->wiresAt(DelayRelay::ID.':'.$terminal)[0];
        $out = new OperatingConditions(Key::Off, elapsedS: 0.0);

        self::assertSame(1, (new Solver($circuit))->settle($out)->position(DelayRelay::ID));
        self::assertSame(0, (new Solver($circuit))->settle($out->withFaults(new Faults([$cut->id => new Open])))->position(DelayRelay::ID));
    }

    #[TestWith([2000.0, 1999.0, 'run', true])]
    #[TestWith([2000.0, 2000.0, 'run', false])]
    #[TestWith([2000.0, 0.0, 'crank', true])]
    #[TestWith([null, 0.0, 'crank', false])]
    #[TestWith([null, 5000.0, 'run', true])]
    public function test_a_lockout_opens_at_its_speed_or_while_cranking(?float $aboveRpm, float $engineRpm, string $key, bool $isClosed): void
    {
        [$circuit, $id] = self::lockout($aboveRpm);
        $point = (new Solver($circuit))->settle(new OperatingConditions(Key::from($key), $engineRpm, 20));

        self::assertSame($isClosed ? 0 : LockoutSwitch::OPENED, $point->position($id));
    }

    /** Supply, earth and signal are wires: without any of them it locks nothing out. */
    #[TestWith([2000.0, '15'])]
    #[TestWith([2000.0, '31'])]
    #[TestWith([2000.0, 'W'])]
    #[TestWith([null, '31'])]
    #[TestWith([null, 'W'])]
    public function test_a_lockout_works_by_its_wires(?float $aboveRpm, string $terminal): void
    {
        [$circuit, $id] = self::lockout($aboveRpm);
        $locked = $aboveRpm === null ? new OperatingConditions(Key::Crank) : new OperatingConditions(Key::Run, 3000, 20);
        $cut = $circuit->wiresAt("{$id}:{$terminal}")[0];

        self::assertSame(LockoutSwitch::OPENED, (new Solver($circuit))->settle($locked)->position($id));
        self::assertSame(0, (new Solver($circuit))->settle($locked->withFaults(new Faults([$cut->id => new Open])))->position($id));
    }

    /** @return array{Circuit, string} of a job with that lockout, and the id of its switch */
    private static function lockout(?float $aboveRpm): array
    {
        $lockouts = $aboveRpm === null ? ['cranking' => true] : ['engineSpeed' => ['rpm' => $aboveRpm]];

        return [
            Orchard::sizing(['/control/coilFeed' => 'ignition', '/control/lockouts' => $lockouts])->circuit,
            $aboveRpm === null ? 'stage-1-cranking-lockout' : 'stage-1-speed-lockout',
        ];
    }

    /** Two wires lead to the probe: cut, it reads cold; rubbed through to the body, it reads hot. */
    #[TestWith(['electronic, to earth', 'stage-1-switch'])]
    #[TestWith(['stepless', 'stage-1-controller'])]
    public function test_a_probe_is_read_through_its_wires(string $decider, string $id): void
    {
        $circuit = Orchard::sizing(Combination::eachDecider()[$decider])->circuit;
        $solver = new Solver($circuit);
        $wire = $circuit->wiresAt("{$id}:S1")[0]->id;
        $runs = static fn (float $coolantC, Faults $faults): bool => $solver
            ->settle((new OperatingConditions(Key::Run, 850, $coolantC))->withFaults($faults))->position('fan-1') === FanMotor::TURNING;

        self::assertTrue($runs(110, new Faults([])));
        self::assertFalse($runs(110, $circuit->broken([$wire => FaultKind::Open])));
        self::assertFalse($runs(20, new Faults([])));
        self::assertTrue($runs(20, $circuit->broken([$wire => FaultKind::Chafed])));
    }

    /** @param  array{string, string}  $output */
    private function thermostat(array $output): ElectronicThermostat
    {
        return new ElectronicThermostat(
            'b', 'B1', Message::verbatim('Thermostat'), 'stage-1', $this->band, $output, 10, '/control/stages/0/decider/ratedA', 12,
        );
    }

    private function computer(bool $hears, bool $sensor): ComputerDriver
    {
        return new ComputerDriver(
            'a', 'A1', Message::verbatim('Computer'), 'stage-1', $this->band, 0.7, '/control/stages/0/decider/ratedA', openReadsHot: true,
            hasAirConditioningRequest: $hears, hasSensorCircuit: $sensor,
        );
    }

    private function conducts(Component $component, OperatingConditions $setting, int $position): bool
    {
        return $component->conducts($component->paths()[0], $setting, $position);
    }
}
