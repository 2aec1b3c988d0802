<?php

declare(strict_types=1);

namespace LampThread\Tests\Electrics;

use LampThread\Circuit\Circuit;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every voltage of the exported netlist, solved by ngspice, within 1 mV or 0.1 %. */
final class AgainstNgspiceTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, Setting}> */
    public static function circuits(): iterable
    {
        $supplySide = ['/control/stages/0/side' => 'supply'];
        $circuits = [
            'earth side, 12 V' => [],
            'supply side, 12 V' => $supplySide,
            'earth side, 24 V' => Orchard::AT_24V,
            'supply side, 24 V' => [...Orchard::AT_24V, ...$supplySide],
            'body-earthed switch' => ['/control/stages/0/decider/place' => 'engine-outlet'],
            'adapter without earth' => ['/control/stages/0/decider/earthLead' => false],
            'fed from the battery' => ['/control/coilFeed' => 'battery'],
        ];
        $settings = [
            'key out' => new Setting,
            'cold' => new Setting(Key::Run, 850, 20),
            'hot at idle' => new Setting(Key::Run, 850, 100),
            'hot, engine stands' => new Setting(Key::Run, 0, 100),
            'override, cold, fast' => new Setting(Key::Run, 3000, 20, ['override' => 'on']),
            'cranking hot' => new Setting(Key::Crank, 0, 100),
            'key out, hot' => new Setting(Key::Off, 0, 100),
        ];
        foreach ($circuits as $circuit => $changes) {
            foreach ($settings as $name => $setting) {
                yield "{$circuit}; {$name}" => [$changes, $setting];
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('circuits')]
    public function test_every_voltage_agrees(array $changes, Setting $setting): void
    {
        $circuit = Orchard::sizing($changes)->circuit;
        $point = (new Solver($circuit))->settle($setting);
        $spice = Ngspice::operatingPoint(SpiceNetlist::of($point, 'test'));

        self::assertTrue($point->isSettled());
        foreach ($circuit->terminals() as $terminal) {
            if ($terminal !== Circuit::EARTH && isset($spice[SpiceNetlist::node($terminal)])) {
                $theirs = $spice[SpiceNetlist::node($terminal)];
                self::assertEqualsWithDelta($theirs, $point->volts->at($terminal), max(0.001, 0.001 * abs($theirs)), $terminal);
            }
        }
        self::assertGreaterThan(10, count($spice), 'ngspice solved the netlist');
    }
}
