<?php

declare(strict_types=1);

namespace LampThread\Tests\Observation;

use LampThread\Diagnosis\Situations;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Observation\Tolerance;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Tests\Handover\Workshop;
use PHPUnit\Framework\TestCase;

/** How far a sound vehicle may be off: contacts that age together, an alternator at idle, a battery that is charged, what nobody prints. */
final class ToleranceTest extends TestCase
{
    /** 14 A through a fuse, a relay that has switched for years, a plug and four crimped wires: half a volt and more is still sound, two volts are not. */
    public function test_contacts_age_together(): void
    {
        $point = self::point('orchard-sprayer', 'hot-1');
        $tolerance = new Tolerance($point);
        $way = new Measurement('hot-1', Reads::Volt, 'battery:+', 'fan-1:+');
        [, $most] = $tolerance->bounds($way);

        self::assertGreaterThan(0.7, $most);
        self::assertLessThan(1.0, $most, 'a tenth of an ohm more is no age');
        self::assertGreaterThan($way->value($point) + $tolerance->spread($way), $most, 'all old is farther off than one as often as another');
    }

    /** Idling with the fan on, a sound alternator may leave it to the battery; less than that lends is not sound, more than a regulator allows neither. */
    public function test_an_alternator_may_not_hold_its_volts_at_idle(): void
    {
        $volts = new Measurement('idle', Reads::Volt, 'battery:+', 'battery:-');
        [$least, $most] = (new Tolerance(self::point('orchard-sprayer', 'idle')))->bounds($volts);
        self::assertEqualsWithDelta(12.22, $least, 0.05);
        self::assertEqualsWithDelta(14.7, $most, 0.1);
        [$rests] = (new Tolerance(self::point('orchard-sprayer', 'rest')))->bounds(new Measurement('rest', Reads::Volt, 'battery:+', 'battery:-'));
        self::assertLessThan(12.22, $rests);
    }

    /** Into a battery of 60 Ah that is charged flows what it lacks: nobody judges a few amperes more. */
    public function test_what_a_battery_takes_is_not_known(): void
    {
        $charge = new Measurement('idle', Reads::Ampere, 'battery', '');
        $point = self::point('orchard-sprayer', 'idle');
        self::assertGreaterThan(5.0, (new Tolerance($point))->spread($charge));
        $fan = new Measurement('idle', Reads::Ampere, 'W4', '');
        self::assertLessThan(4.0, (new Tolerance($point))->spread($fan), 'what a fan draws is');
    }

    /** A dead trigger is held at tenths of a volt by a pull-up in the time relay: it may as well read two volts. Where copper leads nothing of that is in it. */
    public function test_what_electronics_have_inside_is_told_apart(): void
    {
        $point = self::point('kestrel-single-seater', 'key-off');
        $tolerance = new Tolerance($point);
        $held = new Measurement('key-off', Reads::Volt, 'after-run-relay:15', 'battery:-');
        self::assertLessThan(0.3, $held->value($point));
        self::assertGreaterThan(1.0, $tolerance->half($held));
        self::assertLessThanOrEqual(12.6, $tolerance->half($held), 'no reading is farther off than the battery');
        self::assertSame(0.0, $tolerance->half(new Measurement('key-off', Reads::Volt, 'fan-1-fuse:1', 'battery:-')));
    }

    private static function point(string $job, string $situation): OperatingPoint
    {
        $circuit = Workshop::sizing($job)->circuit;

        return (new Solver($circuit))->settle((new Situations($circuit))->all[$situation]->conditions);
    }
}
