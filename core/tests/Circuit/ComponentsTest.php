<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Brief\RelayPlace;
use LampThread\Brief\Supply;
use LampThread\Brief\Zone;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\KeySwitch;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\VehicleLoads;
use LampThread\Message\Message;
use LampThread\Network\Element\CurrentSource;
use LampThread\Network\Element\Resistor;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodeVoltages;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What each part is electrically, and where it goes of its own accord. */
final class ComponentsTest extends TestCase
{
    private Supply $supply;

    protected function setUp(): void
    {
        $this->supply = new Supply(
            systemV: 12,
            restingV: 12.6,
            chargingV: 14.2,
            crankingV: 9.6,
            batteryAh: 70,
            batteryMilliohm: 8,
            alternatorIdleA: 32,
            alternatorRatedA: 65,
            baseLoadA: 8,
        );
    }

    public function test_a_battery_gives_readily_and_takes_little_once_it_is_full(): void
    {
        $battery = new Battery($this->supply);
        $giving = $battery->elements(new OperatingConditions, Battery::DISCHARGING)[0];
        $taking = $battery->elements(new OperatingConditions, Battery::CHARGING)[0];

        self::assertInstanceOf(VoltageSource::class, $giving);
        self::assertInstanceOf(VoltageSource::class, $taking);
        self::assertSame(0.008, $giving->ohm);
        // 2 % of its ampere-hours at the charging voltage.
        self::assertEqualsWithDelta(1.4, $taking->currentA(14.2), 1e-9);
        self::assertSame(12.6, $giving->volts);
    }

    public function test_a_battery_charges_above_its_resting_voltage(): void
    {
        $battery = new Battery($this->supply);
        $at = static fn (float $volts): NodeVoltages => new NodeVoltages(['battery:+' => $volts, 'battery:-' => 0.0]);

        self::assertSame(Battery::CHARGING, $battery->nextPosition(Battery::DISCHARGING, new OperatingConditions, $at(13.0)));
        self::assertSame(Battery::DISCHARGING, $battery->nextPosition(Battery::CHARGING, new OperatingConditions, $at(12.0)));
    }

    #[TestWith([850.0, 32.0])]
    #[TestWith([600.0, 32.0])]
    #[TestWith([1925.0, 48.5])]
    #[TestWith([3000.0, 65.0])]
    #[TestWith([6000.0, 65.0])]
    public function test_an_alternator_gives_more_with_speed_up_to_its_rating(float $engineRpm, float $limitA): void
    {
        self::assertEqualsWithDelta($limitA, (new Alternator($this->supply))->limitA($engineRpm), 1e-9);
    }

    public function test_an_alternator_that_stands_is_not_there(): void
    {
        $alternator = new Alternator($this->supply);

        self::assertSame(Alternator::STANDING, $alternator->initialPosition(new OperatingConditions(Key::Run, 0)));
        self::assertSame(Alternator::STANDING, $alternator->initialPosition(new OperatingConditions(Key::Crank, 200)));
        self::assertSame([], $alternator->elements(new OperatingConditions, Alternator::STANDING));
    }

    public function test_an_alternator_at_its_limit_gives_that_and_no_more(): void
    {
        $alternator = new Alternator($this->supply);
        $idle = new OperatingConditions(Key::Run, 850);
        $element = $alternator->elements($idle, Alternator::AT_LIMIT)[0];

        self::assertInstanceOf(CurrentSource::class, $element);
        self::assertSame(32.0, $element->ampere);
        $sagging = new NodeVoltages(['battery:+' => 13.0, 'battery:-' => 0.0]);
        self::assertSame(Alternator::AT_LIMIT, $alternator->nextPosition(Alternator::REGULATING, $idle, $sagging));
        $high = new NodeVoltages(['battery:+' => 14.5, 'battery:-' => 0.0]);
        self::assertSame(Alternator::REGULATING, $alternator->nextPosition(Alternator::AT_LIMIT, $idle, $high));
    }

    public function test_the_starter_pulls_the_battery_to_its_cranking_voltage(): void
    {
        $starter = (new VehicleLoads($this->supply))->elements(new OperatingConditions(Key::Crank), 0)[0];

        self::assertInstanceOf(Resistor::class, $starter);
        $batteryV = 12.6 * $starter->ohm / ($starter->ohm + 0.008);
        self::assertEqualsWithDelta(9.6, $batteryV, 1e-9);
    }

    public function test_everything_else_draws_only_with_the_key_on(): void
    {
        $loads = new VehicleLoads($this->supply);

        self::assertSame([], $loads->elements(new OperatingConditions(Key::Off), 0));
        self::assertEqualsWithDelta(8.0, $loads->elements(new OperatingConditions(Key::Run), 0)[0]->currentA(12.6), 1e-9);
    }

    #[TestWith(['15', 'off', false])]
    #[TestWith(['15', 'run', true])]
    #[TestWith(['15', 'crank', true])]
    #[TestWith(['75', 'off', false])]
    #[TestWith(['75', 'run', true])]
    #[TestWith(['75', 'crank', false])]
    public function test_fifteen_stays_live_while_cranking_and_seventy_five_does_not(
        string $circuit,
        string $key,
        bool $isClosed,
    ): void {
        $switch = new KeySwitch('S1', $circuit);

        self::assertSame($isClosed, $this->conducts($switch, new OperatingConditions(Key::from($key))));
    }

    public function test_a_hand_switch_does_what_the_hand_does(): void
    {
        $switch = new HandSwitch('override', 'S2', Message::verbatim('Dash override'), 10, '/control/overrides/0/ratedA', ['off' => [], 'on' => [['1', '2']]]);

        self::assertFalse($this->conducts($switch, new OperatingConditions));
        self::assertTrue($this->conducts($switch, new OperatingConditions(positions: ['override' => 'on'])));
        self::assertFalse($this->conducts($switch, new OperatingConditions(positions: ['another' => 'on'])));
    }

    public function test_a_fuse_has_its_cold_resistance(): void
    {
        $part = Orchard::shelf()->fuse('blade-25');
        self::assertNotNull($part);
        $element = (new Fuse('f', 'F1', Message::verbatim('Fuse'), $part, Zone::Bay))->elements(new OperatingConditions, 0)[0];

        self::assertInstanceOf(Resistor::class, $element);
        // Its holder adds 0.8 mΩ.
        self::assertEqualsWithDelta($part->coldMilliohm / 1000 + 0.0008, $element->ohm, 1e-12);
    }

    public function test_a_hot_coil_needs_more_to_pull_in_and_lets_go_sooner(): void
    {
        $part = Orchard::shelf()->relay('mini-40-12v');
        self::assertNotNull($part);
        $warm = new Relay('k', 'K1', Message::verbatim('Relay'), $part, RelayPlace::Bay);
        $factor = Relay::coilFactor(60);
        $at = static fn (float $volts): NodeVoltages => new NodeVoltages(['k:86' => $volts, 'k:85' => 0.0]);

        self::assertEqualsWithDelta(1.14541, $factor, 1e-9);
        self::assertSame(Relay::RELEASED, $warm->nextPosition(Relay::RELEASED, new OperatingConditions, $at(7.9)), 'cold it would have');
        self::assertSame(Relay::PULLED_IN, $warm->nextPosition(Relay::RELEASED, new OperatingConditions, $at(9.0)));
        self::assertSame(Relay::PULLED_IN, $warm->nextPosition(Relay::PULLED_IN, new OperatingConditions, $at(2.2)));
        self::assertSame(Relay::RELEASED, $warm->nextPosition(Relay::PULLED_IN, new OperatingConditions, $at(2.0)));
        self::assertSame(Relay::PULLED_IN, $warm->nextPosition(Relay::RELEASED, new OperatingConditions, $at(-12.0)), 'a coil has no polarity');
    }

    private function conducts(Component $component, OperatingConditions $setting): bool
    {
        return $component->conducts($component->paths()[0], $setting, 0);
    }
}
