<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Brief\AfterRun;
use LampThread\Brief\ComputerOutput;
use LampThread\Brief\Place;
use LampThread\Brief\SteplessController;
use LampThread\Brief\TemperatureBand;
use LampThread\Brief\ThermalAction;
use LampThread\Brief\Thermostat;
use LampThread\Brief\ThermostatOutput;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\ElectronicThermostat;
use LampThread\Circuit\Component\Hysteresis;
use LampThread\Circuit\Component\LockoutContact;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The parts that decide, one by one. */
final class DecidersTest extends TestCase
{
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
        $setting = new Setting(coolantC: $coolantC, memory: ['b' => $was]);

        self::assertSame($is, Hysteresis::of($this->band, $setting, 'b'));
    }

    public function test_a_switch_that_opens_when_hot_is_closed_while_cold(): void
    {
        $switch = new TemperatureSwitch('b', 'B1', 'Switch', $this->band, ThermalAction::OpensWhenHot, 6);

        self::assertTrue($this->conducts($switch, new Setting, Hysteresis::COLD));
        self::assertFalse($this->conducts($switch, new Setting, Hysteresis::HOT));
    }

    public function test_an_electronic_thermostat_without_its_supply_does_nothing(): void
    {
        $thermostat = new Thermostat(ThermostatOutput::DryContact, $this->band, 10);
        $module = new ElectronicThermostat('b', 'B1', 'Thermostat', $thermostat, 12);
        $hot = new Setting(Key::Run, 850, 100);
        $supplied = new Volts(['b:15' => 13.0, 'b:31' => 0.0]);
        $dead = new Volts(['b:15' => 0.0, 'b:31' => 0.0]);

        self::assertSame(Hysteresis::HOT, $module->start($hot));
        self::assertSame(ElectronicThermostat::SWITCHED, $module->next(Hysteresis::HOT, $hot, $supplied));
        self::assertSame(Hysteresis::HOT, $module->next(ElectronicThermostat::SWITCHED, $hot, $dead));
        self::assertSame(Hysteresis::COLD, $module->next(Hysteresis::COLD, $hot, $supplied));
        self::assertCount(1, $module->elements($hot, Hysteresis::HOT), 'only what it draws for itself');
    }

    #[TestWith([ThermostatOutput::DryContact, 'b:1', 'b:2'])]
    #[TestWith([ThermostatOutput::ToEarth, 'b:out', 'b:31'])]
    #[TestWith([ThermostatOutput::ToSupply, 'b:15', 'b:out'])]
    public function test_where_an_electronic_thermostats_output_goes(
        ThermostatOutput $output,
        string $from,
        string $to,
    ): void {
        $module = new ElectronicThermostat('b', 'B1', 'Thermostat', new Thermostat($output, $this->band, 10), 12);

        self::assertSame([$from, $to], $module->output());
    }

    public function test_the_computer_works_its_output_only_with_the_ignition_on(): void
    {
        $driver = $this->computer(hears: false, sensor: false);

        self::assertCount(1, $driver->elements(new Setting(Key::Run), Hysteresis::HOT));
        self::assertSame([], $driver->elements(new Setting(Key::Run), Hysteresis::COLD));
        self::assertSame([], $driver->elements(new Setting(Key::Off), Hysteresis::HOT));
        self::assertSame([], $driver->elements(new Setting(Key::Crank), Hysteresis::HOT));
    }

    public function test_the_computer_hears_the_air_conditioning_only_where_it_is_told_to(): void
    {
        $asked = new Setting(Key::Run, positions: [Clutch::INPUT => Clutch::ON]);

        self::assertCount(1, $this->computer(hears: true, sensor: false)->elements($asked, Hysteresis::COLD));
        self::assertSame([], $this->computer(hears: false, sensor: false)->elements($asked, Hysteresis::COLD));
        self::assertSame(['off'], $this->computer(hears: false, sensor: false)->inputPositions());
    }

    public function test_an_open_sensor_reads_as_hot_where_the_computer_takes_it_so(): void
    {
        $driver = $this->computer(hears: false, sensor: true);
        $cold = new Setting(Key::Run, 850, 20);
        $open = new Volts(['a:S' => 12.5, 'battery:+' => 12.6]);
        $sound = new Volts(['a:S' => 1.5, 'battery:+' => 12.6]);

        self::assertSame(Hysteresis::HOT, $driver->next(Hysteresis::COLD, $cold, $open));
        self::assertSame(Hysteresis::COLD, $driver->next(Hysteresis::COLD, $cold, $sound));
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
        $controller = new SteplessController($this->band, spanK: 8, leastDutyPercent: 25, softStartS: 3, ratedA: 40);

        self::assertEqualsWithDelta($dutyPercent, $controller->dutyPercent($coolantC), 1e-9);
    }

    public function test_a_controller_needs_its_enable_and_gives_all_when_it_is_asked(): void
    {
        $stepless = new Stepless('a', 'A1', new SteplessController($this->band, 8, 25, 3, 40));
        $hot = new Setting(Key::Run, 850, 96);
        $volts = static fn (float $enableV, float $requestV): Volts => new Volts([
            'a:15' => $enableV,
            'a:AC' => $requestV,
            'a:31' => 0.0,
        ]);

        self::assertSame(0, $stepless->next(63, $hot, $volts(0, 13)));
        self::assertSame(63, $stepless->next(0, $hot, $volts(13, 0)));
        self::assertSame(100, $stepless->next(0, new Setting(Key::Run, 850, 20), $volts(13, 13)));
        self::assertSame(0, $stepless->next(40, new Setting(Key::Run, 850, 80), $volts(13, 0)));
    }

    public function test_a_clutch_coil_is_always_there_and_its_feed_only_when_asked(): void
    {
        $clutch = new Clutch('Y1', 12);
        $on = new Setting(Key::Run, positions: [Clutch::INPUT => Clutch::ON]);

        self::assertCount(1, $clutch->elements(new Setting(Key::Run), 0));
        self::assertCount(2, $clutch->elements($on, 0));
        self::assertCount(1, $clutch->elements(new Setting(Key::Off, positions: [Clutch::INPUT => Clutch::ON]), 0));
        self::assertEqualsWithDelta(3.6, $clutch->elements(new Setting, 0)[0]->currentA(12), 1e-9);
    }

    public function test_a_pressure_switch_closes_when_the_pressure_is_high(): void
    {
        $switch = new PressureSwitch('p', 'B2', 'Pressure switch', 3);

        self::assertFalse($this->conducts($switch, new Setting, 0));
        self::assertTrue($this->conducts($switch, new Setting(positions: [PressureSwitch::INPUT => PressureSwitch::HIGH]), 0));
    }

    #[TestWith([false, 'off', 0.0, true])]
    #[TestWith([false, 'off', 234.9, true])]
    #[TestWith([false, 'off', 235.0, false])]
    #[TestWith([false, 'run', 10.0, false])]
    #[TestWith([true, 'run', 10.0, true])]
    #[TestWith([true, 'run', 235.0, false])]
    #[TestWith([true, 'off', null, false])]
    public function test_a_time_relay_is_closed_for_its_time_after_it_was_started(
        bool $isPush,
        string $key,
        ?float $elapsedS,
        bool $isClosed,
    ): void {
        $relay = new DelayRelay('K2', new AfterRun(235, $isPush));
        $setting = new Setting(Key::from($key), elapsedS: $elapsedS);

        self::assertSame($isClosed, $this->conducts($relay, $setting, 0));
    }

    #[TestWith([2000.0, 1999.0, 'run', true])]
    #[TestWith([2000.0, 2000.0, 'run', false])]
    #[TestWith([2000.0, 0.0, 'crank', true])]
    #[TestWith([null, 0.0, 'crank', false])]
    #[TestWith([null, 5000.0, 'run', true])]
    public function test_a_lockout_opens_at_its_speed_or_while_cranking(
        ?float $aboveRpm,
        float $engineRpm,
        string $key,
        bool $isClosed,
    ): void {
        $contact = new LockoutContact('l', 'S3', 'Lockout', $aboveRpm);

        self::assertSame($isClosed, $this->conducts($contact, new Setting(Key::from($key), $engineRpm), 0));
    }

    private function computer(bool $hears, bool $sensor): ComputerDriver
    {
        return new ComputerDriver('a', 'A1', 'Computer', new ComputerOutput('fan', $this->band, 0.7, true), $hears, $sensor);
    }

    private function conducts(Component $component, Setting $setting, int $position): bool
    {
        return $component->conducts($component->passes()[0], $setting, $position);
    }
}
