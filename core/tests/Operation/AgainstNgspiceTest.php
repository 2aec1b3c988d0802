<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Operation\Solver;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every voltage of the exported netlist, solved by ngspice, within 1 mV or 0.1 %. */
final class AgainstNgspiceTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, OperatingConditions}> */
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
            'key out' => new OperatingConditions,
            'cold' => new OperatingConditions(Key::Run, 850, 20),
            'hot at idle' => new OperatingConditions(Key::Run, 850, 100),
            'hot, engine stands' => new OperatingConditions(Key::Run, 0, 100),
            'override, cold, fast' => new OperatingConditions(Key::Run, 3000, 20, ['override' => 'on']),
            'cranking hot' => new OperatingConditions(Key::Crank, 0, 100),
            'key out, hot' => new OperatingConditions(Key::Off, 0, 100),
        ];
        foreach ($circuits as $circuit => $changes) {
            foreach ($settings as $name => $setting) {
                yield "{$circuit}; {$name}" => [$changes, $setting];
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('circuits')]
    public function test_every_voltage_agrees(array $changes, OperatingConditions $setting): void
    {
        $circuit = Orchard::sizing($changes)->circuit;
        $point = (new Solver($circuit))->settle($setting);

        self::assertTrue($point->isSettled());
        Ngspice::assertAgrees([$point]);
    }
}
