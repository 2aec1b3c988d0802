<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Wire;
use LampThread\Exchange\FaultsReader;
use LampThread\Message\InvalidInput;
use LampThread\Message\Problem;
use LampThread\Operation\LeastResistancePaths;
use LampThread\Operation\Ohmmeter;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Tests\Combination;
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
        yield 'relay’s coil burnt through' => [['fan-1-relay' => 'coil-open'], 110, false];
        yield 'relay’s coil shorted' => [['fan-1-relay' => 'coil-short'], 110, false];
        yield '30 and 87 exchanged: a make contact is the same either way' => [['fan-1-relay' => 'exchanged-30-87'], 110, true];
        yield '85 and 86 exchanged: a coil without a diode too' => [['fan-1-relay' => 'exchanged-85-86'], 110, true];
        yield 'leads exchanged: it turns, the wrong way' => [['fan-1' => 'leads-exchanged'], 110, true];
        yield 'contacts burnt' => [['fan-1-relay' => 'partial-joint'], 110, true];
        yield 'switch that reads ten kelvin low' => [['stage-1-switch' => 'drifted'], 95, false];
        yield 'switch that reads ten kelvin high' => [['stage-1-switch' => 'drifted-high'], 85, true];
        yield 'water in the fan’s plug' => [['fan-1-plug' => 'leak-to-earth'], 110, true];
        yield 'and from a live wire beside it: a tenth of an ampere turns no fan' => [['fan-1-plug' => 'leak-to-feed'], 20, false];
        yield 'charging too high' => [['alternator' => 'overcharge'], 110, true];
        yield 'no charge' => [['alternator' => 'open'], 110, true];
    }

    /** @param  array<string, string>  $faults */
    #[DataProvider('consequences')]
    public function test_what_comes_of_it(array $faults, float $coolantC, bool $turns): void
    {
        $point = $this->broken($faults, $coolantC);

        self::assertSame($turns ? FanMotor::TURNING : FanMotor::AT_REST, $point->position('fan-1'));
    }

    public function test_a_coil_diode_turned_round_shorts_the_coils_feed(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-relay' => 'mini-40-12v-diode']);
        $conditions = new OperatingConditions(Key::Run, 850, 110);
        $solver = new Solver($sizing->circuit);
        $sound = $solver->settle($conditions);
        $turned = $solver->settle($conditions->withFaults($sizing->circuit->broken(['fan-1-relay' => FaultKind::DiodeTurned])));

        self::assertLessThan(0.5, abs($sound->currentA('coil-fuse')));
        self::assertGreaterThan(20.0, abs($turned->currentA('coil-fuse')));
    }

    /** A fault that cannot be there does nothing: the battery is not turned while the engine runs. */
    public function test_what_cannot_fail_so_stays_whole(): void
    {
        $running = $this->broken([], 110);
        $turned = $this->broken(['battery' => 'poles-exchanged'], 110);

        self::assertEqualsWithDelta($running->voltages->at('battery:+'), $turned->voltages->at('battery:+'), 1e-9);
        $circuit = Orchard::sizing()->circuit;
        $standing = (new Solver($circuit))->settle(
            (new OperatingConditions(Key::Run, 0, 20))->withFaults($circuit->broken(['battery' => FaultKind::PolesExchanged])),
        );
        self::assertLessThan(-12.0, $standing->voltages->at('battery:+'));
    }

    public function test_low_and_high_exchanged_at_a_switch_are_heard(): void
    {
        $sizing = Orchard::sizing(Combination::changes(
            Combination::deciders()['computer'], Combination::loads()['two at two temperatures'], 'earth', null, Combination::overrides()['low-high'],
        ));
        $solver = new Solver($sizing->circuit);
        $low = new OperatingConditions(Key::Run, 850, 20, ['override' => 'low']);
        $sound = $solver->settle($low);
        $exchanged = $solver->settle($low->withFaults($sizing->circuit->broken(['override' => FaultKind::LowAndHighExchanged])));

        self::assertSame([FanMotor::TURNING, FanMotor::AT_REST], [$sound->position('fan-1'), $sound->position('fan-2')]);
        self::assertSame([FanMotor::AT_REST, FanMotor::TURNING], [$exchanged->position('fan-1'), $exchanged->position('fan-2')]);
        Ngspice::assertAgrees(['exchanged' => $exchanged]);
    }

    public function test_a_jammed_fan_draws_what_its_armature_lets_through(): void
    {
        $jammed = $this->broken(['fan-1' => 'jammed'], 110);

        self::assertGreaterThan(35.0, $jammed->currentA('fan-1'));
        self::assertEqualsWithDelta(
            $jammed->voltages->across('fan-1:+', 'fan-1:-') * 46 / 13,
            $jammed->currentA('fan-1'),
            1e-6,
        );
    }

    public function test_a_green_crimp_costs_volts_and_speed(): void
    {
        $sound = $this->broken([], 110);
        $green = $this->broken(['W5' => 'high-resistance'], 110);

        self::assertGreaterThan(5.0, $green->voltages->at('fan-1:-'));
        self::assertLessThan(0.6 * $sound->currentA('fan-1'), $green->currentA('fan-1'));
    }

    public function test_broken_circuits_agree_with_ngspice_too(): void
    {
        Ngspice::assertAgrees(array_map(fn (array $case): OperatingPoint => $this->broken($case[0], $case[1]), iterator_to_array(self::consequences())));
    }

    public function test_each_part_and_wire_can_be_broken_and_nothing_else(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $possible = $circuit->faults();

        self::assertArrayHasKey('W1', $possible);
        self::assertContains(FaultKind::Jammed, array_column($possible['fan-1'], 'kind'));
        self::assertArrayNotHasKey('vehicle', $possible);
        try {
            FaultsReader::read(['moon' => 'open', 'fan-1-fuse' => 'jammed', 'W1' => ['open']], $circuit);
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
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

    /** A meter goes through wires and closed contacts to the battery's clamp, and not through the battery. */
    public function test_an_ohmmeter_sees_what_lies_between(): void
    {
        $cold = $this->broken([], 20);

        self::assertLessThan(0.05, Ohmmeter::between($cold, 'battery:+', 'fan-1-fuse:2'), 'a wire and a fuse');
        self::assertEqualsWithDelta(
            Ohmmeter::between($cold, 'battery:+', 'fan-1-fuse:1') + Ohmmeter::between($cold, 'fan-1-fuse:1', 'fan-1-fuse:2'),
            Ohmmeter::between($cold, 'battery:+', 'fan-1-fuse:2'), 1e-9, 'one after the other',
        );
        self::assertNull(Ohmmeter::between($cold, 'battery:+', 'fan-1:+'), 'the relay is open');
    }

    /** The way of a feed ends where it meets a rail: it does not come up again from earth. */
    public function test_a_way_ends_at_the_rails(): void
    {
        $fromPlus = fn (array $faults): array => LeastResistancePaths::from($this->broken($faults, 110), Rail::SUPPLY);

        self::assertArrayHasKey('fan-1:+', $fromPlus([]));
        $stuck = $fromPlus(['fan-1-relay' => 'stuck-off']);
        self::assertArrayHasKey(Rail::EARTH, $stuck, 'by the coil');
        self::assertArrayNotHasKey('fan-1:+', $stuck, 'by the coil to earth and up through the motor is no feed');
    }

    /** @param  array<string, string>  $faults */
    private function broken(array $faults, float $coolantC): OperatingPoint
    {
        $circuit = Orchard::sizing()->circuit;
        $setting = (new OperatingConditions(Key::Run, 850, $coolantC))->withFaults(FaultsReader::read($faults, $circuit));

        return (new Solver($circuit))->settle($setting);
    }

    /** The diode of a controller lets nothing back: what runs through the body does not come round through the controller. */
    public function test_a_chafed_minus_runs_the_fan_past_its_controller(): void
    {
        $circuit = Orchard::sizing(Combination::changes(Combination::deciders()['stepless'], Combination::loads()['one fan']))->circuit;
        $minus = array_values(array_filter($circuit->wires, static fn (Wire $wire): bool => $wire->to === 'stage-1-controller:M-'))[0];
        $earth = array_values(array_filter($circuit->wires, static fn (Wire $wire): bool => $wire->from === 'stage-1-controller:31'))[0];
        $partly = new OperatingConditions(Key::Run, 850, 94);
        $solver = new Solver($circuit);
        $sound = $solver->settle($partly);
        $chafed = $solver->settle($partly->withFaults($circuit->broken([$minus->id => FaultKind::Chafed])));

        self::assertGreaterThan($sound->currentA('fan-1') + 1, $chafed->currentA('fan-1'));
        self::assertLessThan(1.0, abs($chafed->currentA($earth->id)));
        self::assertSame([], $chafed->chattering);
    }
}
