<?php

declare(strict_types=1);

namespace LampThread\Tests\Electrics;

use LampThread\Brief\Problem;
use LampThread\Brief\Unusable;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
use LampThread\Electrics\FaultKind;
use LampThread\Electrics\Faults;
use LampThread\Electrics\Key;
use LampThread\Electrics\Ohmmeter;
use LampThread\Electrics\OperatingPoint;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One part broken, and what comes of it. */
final class FaultsTest extends TestCase
{
    /** @return iterable<string, array{array<string, string>, float, bool}> fault, coolant, whether the fan turns */
    public static function consequences(): iterable
    {
        yield 'sound and hot' => [[], 110, true];
        yield 'main fuse blown' => [['fan-1-fuse' => 'open'], 110, false];
        yield 'coil fuse blown' => [['coil-fuse' => 'open'], 110, false];
        yield 'relay that does not pull in' => [['fan-1-relay' => 'stuck-off'], 110, false];
        yield 'welded relay' => [['fan-1-relay' => 'stuck-on'], 20, true];
        yield 'switch that stays cold' => [['stage-1-switch' => 'stuck-off'], 110, false];
        yield 'switch that stays hot' => [['stage-1-switch' => 'stuck-on'], 20, true];
        yield 'trigger wire cut' => [['W7' => 'open'], 110, false];
        yield 'trigger wire rubbed through: earths the coil' => [['W7' => 'chafed'], 20, true];
        yield 'fan earth off' => [['earth-bay' => 'open'], 110, false];
        yield 'earth of the switch off' => [['earth-radiator' => 'open'], 110, false];
        yield 'override shorted' => [['override' => 'short'], 20, true];
        yield 'fan jammed' => [['fan-1' => 'jammed'], 110, false];
        yield 'fan open' => [['fan-1' => 'open'], 110, false];
    }

    /** @param  array<string, string>  $faults */
    #[DataProvider('consequences')]
    public function test_what_comes_of_it(array $faults, float $coolantC, bool $turns): void
    {
        $point = $this->broken($faults, $coolantC);

        self::assertSame($turns ? FanMotor::TURNING : FanMotor::AT_REST, $point->position('fan-1'));
    }

    public function test_a_jammed_fan_draws_what_its_armature_lets_through(): void
    {
        $jammed = $this->broken(['fan-1' => 'jammed'], 110);

        self::assertGreaterThan(35.0, $jammed->currentA('fan-1'));
        self::assertEqualsWithDelta(
            $jammed->volts->across('fan-1:+', 'fan-1:-') * 46 / 13,
            $jammed->currentA('fan-1'),
            1e-6,
        );
    }

    public function test_a_green_crimp_costs_volts_and_speed(): void
    {
        $sound = $this->broken([], 110);
        $green = $this->broken(['W5' => 'high-resistance'], 110);

        self::assertGreaterThan(5.0, $green->volts->at('fan-1:-'));
        self::assertLessThan(0.6 * $sound->currentA('fan-1'), $green->currentA('fan-1'));
    }

    public function test_broken_circuits_agree_with_ngspice_too(): void
    {
        foreach (self::consequences() as [$faults, $coolantC]) {
            $point = $this->broken($faults, $coolantC);
            $spice = Ngspice::operatingPoint(SpiceNetlist::of($point, 'fault'));
            foreach ($spice as $node => $theirs) {
                foreach ($point->circuit->terminals() as $terminal) {
                    if (SpiceNetlist::node($terminal) === $node) {
                        self::assertEqualsWithDelta($theirs, $point->volts->at($terminal), max(0.001, 0.001 * abs($theirs)), $terminal);
                    }
                }
            }
        }
    }

    public function test_each_part_and_wire_can_be_broken_and_nothing_else(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $possible = Faults::possible($circuit);

        self::assertArrayHasKey('W1', $possible);
        self::assertContains(FaultKind::Jammed, $possible['fan-1']);
        self::assertArrayNotHasKey('battery', $possible);
        try {
            Faults::read(['moon' => 'open', 'fan-1-fuse' => 'jammed', 'W1' => ['open']], $circuit);
            self::fail('It was taken.');
        } catch (Unusable $unusable) {
            self::assertSame(
                ['moon', 'fan-1-fuse', 'W1'],
                array_map(static fn (Problem $problem): string => $problem->at, $unusable->problems),
            );
        }
    }

    public function test_the_ohmmeter_reads_what_is_between_its_leads(): void
    {
        $cold = $this->broken([], 20);
        $coilOhm = Ohmmeter::between($cold, 'fan-1-relay:86', 'fan-1-relay:85');

        // 85 Ω warm beside its 680 Ω resistor.
        self::assertEqualsWithDelta(1 / (1 / (85 * Relay::coilFactor(60)) + 1 / 680), $coilOhm, 0.01);
        self::assertNull(Ohmmeter::between($cold, 'fan-1-relay:30', 'fan-1-relay:87'), 'an open contact');
        self::assertEqualsWithDelta(13 / 46, Ohmmeter::between($cold, 'fan-1:+', 'fan-1:-'), 1e-3);
        self::assertSame(0.0, Ohmmeter::between($cold, 'fan-1:+', 'fan-1:+'));
        self::assertNull(Ohmmeter::between($this->broken(['fan-1' => 'open'], 20), 'fan-1:+', 'fan-1:-'));
    }

    /** @param  array<string, string>  $faults */
    private function broken(array $faults, float $coolantC): OperatingPoint
    {
        $circuit = Orchard::sizing()->circuit;
        $setting = (new Setting(Key::Run, 850, $coolantC))->with(Faults::read($faults, $circuit));

        return (new Solver($circuit))->settle($setting);
    }
}
