<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Brief\Supply;
use LampThread\Brief\Zone;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\KeySwitch;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\VehicleLoads;
use LampThread\Electrics\Element\Injection;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Element\Source;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;
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
        $giving = $battery->elements(new Setting, Battery::DISCHARGING)[0];
        $taking = $battery->elements(new Setting, Battery::CHARGING)[0];

        self::assertInstanceOf(Source::class, $giving);
        self::assertInstanceOf(Source::class, $taking);
        self::assertSame(0.008, $giving->ohm);
        // 2 % of its ampere-hours at the charging voltage.
        self::assertEqualsWithDelta(1.4, $taking->currentA(14.2), 1e-9);
        self::assertSame(12.6, $giving->volts);
    }

    public function test_a_battery_charges_above_its_resting_voltage(): void
    {
        $battery = new Battery($this->supply);
        $at = static fn (float $volts): Volts => new Volts(['battery:+' => $volts, 'battery:-' => 0.0]);

        self::assertSame(Battery::CHARGING, $battery->next(Battery::DISCHARGING, new Setting, $at(13.0)));
        self::assertSame(Battery::DISCHARGING, $battery->next(Battery::CHARGING, new Setting, $at(12.0)));
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

        self::assertSame(Alternator::STANDING, $alternator->start(new Setting(Key::Run, 0)));
        self::assertSame(Alternator::STANDING, $alternator->start(new Setting(Key::Crank, 200)));
        self::assertSame([], $alternator->elements(new Setting, Alternator::STANDING));
    }

    public function test_an_alternator_at_its_limit_gives_that_and_no_more(): void
    {
        $alternator = new Alternator($this->supply);
        $idle = new Setting(Key::Run, 850);
        $element = $alternator->elements($idle, Alternator::AT_LIMIT)[0];

        self::assertInstanceOf(Injection::class, $element);
        self::assertSame(32.0, $element->ampere);
        $sagging = new Volts(['battery:+' => 13.0, 'battery:-' => 0.0]);
        self::assertSame(Alternator::AT_LIMIT, $alternator->next(Alternator::REGULATING, $idle, $sagging));
        $high = new Volts(['battery:+' => 14.5, 'battery:-' => 0.0]);
        self::assertSame(Alternator::REGULATING, $alternator->next(Alternator::AT_LIMIT, $idle, $high));
    }

    public function test_the_starter_pulls_the_battery_to_its_cranking_voltage(): void
    {
        $starter = (new VehicleLoads($this->supply))->elements(new Setting(Key::Crank), 0)[0];

        self::assertInstanceOf(Resistor::class, $starter);
        $batteryV = 12.6 * $starter->ohm / ($starter->ohm + 0.008);
        self::assertEqualsWithDelta(9.6, $batteryV, 1e-9);
    }

    public function test_everything_else_draws_only_with_the_key_on(): void
    {
        $loads = new VehicleLoads($this->supply);

        self::assertSame([], $loads->elements(new Setting(Key::Off), 0));
        self::assertEqualsWithDelta(8.0, $loads->elements(new Setting(Key::Run), 0)[0]->currentA(12.6), 1e-9);
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

        self::assertSame($isClosed, $this->conducts($switch, new Setting(Key::from($key))));
    }

    public function test_a_hand_switch_does_what_the_hand_does(): void
    {
        $switch = new HandSwitch('override', 'S2', 'Dash override', 10, ['off' => [], 'on' => [['1', '2']]]);

        self::assertFalse($this->conducts($switch, new Setting));
        self::assertTrue($this->conducts($switch, new Setting(positions: ['override' => 'on'])));
        self::assertFalse($this->conducts($switch, new Setting(positions: ['another' => 'on'])));
    }

    public function test_a_fuse_has_its_cold_resistance(): void
    {
        $part = Orchard::shelf()->fuse('blade-25');
        self::assertNotNull($part);
        $element = (new Fuse('f', 'F1', 'Fuse', $part, Zone::Bay))->elements(new Setting, 0)[0];

        self::assertInstanceOf(Resistor::class, $element);
        self::assertEqualsWithDelta($part->coldMilliohm / 1000, $element->ohm, 1e-12);
    }

    public function test_a_hot_coil_needs_more_to_pull_in_and_lets_go_sooner(): void
    {
        $part = Orchard::shelf()->relay('mini-40-12v');
        self::assertNotNull($part);
        $warm = new Relay('k', 'K1', 'Relay', $part, Zone::Bay);
        $factor = Relay::coilFactor(60);
        $at = static fn (float $volts): Volts => new Volts(['k:86' => $volts, 'k:85' => 0.0]);

        self::assertEqualsWithDelta(1.14541, $factor, 1e-9);
        self::assertSame(Relay::RELEASED, $warm->next(Relay::RELEASED, new Setting, $at(7.9)), 'cold it would have');
        self::assertSame(Relay::PULLED_IN, $warm->next(Relay::RELEASED, new Setting, $at(9.0)));
        self::assertSame(Relay::PULLED_IN, $warm->next(Relay::PULLED_IN, new Setting, $at(2.2)));
        self::assertSame(Relay::RELEASED, $warm->next(Relay::PULLED_IN, new Setting, $at(2.0)));
        self::assertSame(Relay::PULLED_IN, $warm->next(Relay::RELEASED, new Setting, $at(-12.0)), 'a coil has no polarity');
    }

    private function conducts(Component $component, Setting $setting): bool
    {
        return $component->conducts($component->passes()[0], $setting, 0);
    }
}
