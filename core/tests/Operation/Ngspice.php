<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Component\Rail;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Operation\OperatingPoint;
use PHPUnit\Framework\Assert;

/** Runs a netlist in ngspice (Debian package) and reads the node voltages back. */
final class Ngspice
{
    /**
     * Every voltage within 1 mV or 0.1 %.
     *
     * @param  array<OperatingPoint>  $points  by what they are called where they differ
     */
    public static function assertAgrees(array $points): void
    {
        $names = array_keys($points);
        $netlists = array_map(static fn (OperatingPoint $point): string => SpiceNetlist::of($point, 'test'), array_values($points));
        foreach (self::operatingPoints($netlists) as $at => $theirs) {
            $ours = $points[$names[$at]]->voltages->byNode;
            $compared = 0;
            foreach ($ours as $terminal => $volts) {
                $theirV = $theirs[SpiceNetlist::node($terminal)] ?? null;
                if ($terminal !== Rail::EARTH && $theirV !== null) {
                    Assert::assertEqualsWithDelta($theirV, $volts, max(0.001, 0.001 * abs($theirV)), "{$names[$at]}: {$terminal}");
                    $compared++;
                }
            }
            Assert::assertGreaterThan(count($ours) / 2, $compared, "{$names[$at]}: most terminals are compared");
        }
    }

    /** @return array<string, float> node to volts */
    public static function operatingPoint(string $netlist): array
    {
        return self::operatingPoints([$netlist])[0];
    }

    /**
     * All of them in one process: its start takes longer than a solution.
     *
     * @param  list<string>  $netlists
     * @return list<array<string, float>> of each, node to volts
     */
    public static function operatingPoints(array $netlists): array
    {
        $paths = [];
        $script = "operating points\n.control\nset numdgt=9\n";
        foreach ($netlists as $at => $netlist) {
            $paths[] = $path = self::write($netlist);
            $script .= "source {$path}\nop\necho operating point {$at}\nprint all\n";
        }
        $output = self::run("{$script}quit\n.endc\n.end\n");
        array_map(unlink(...), $paths);

        $points = [];
        foreach (array_slice((array) preg_split('/^operating point \d+$/m', $output), 1) as $listing) {
            preg_match_all('/^([a-z0-9_]+) = (-?\d\.\d+e[+-]\d+)/mi', (string) $listing, $found, PREG_SET_ORDER);
            $points[] = array_combine(array_column($found, 1), array_map(floatval(...), array_column($found, 2)));
        }

        // A run that came to nothing would let every comparison with it pass.
        return count($points) === count($netlists) && ! in_array([], $points, true)
            ? $points
            : throw new \UnexpectedValueException("ngspice did not answer everything:\n{$output}");
    }

    /** @return array<string, float> name of a `meas` to what it measured */
    public static function measured(string $netlist): array
    {
        preg_match_all('/^([a-z0-9_]+)\s+=\s+(-?\d\.\d+e[+-]\d+)/mi', self::run($netlist), $found, PREG_SET_ORDER);

        return array_combine(array_column($found, 1), array_map(floatval(...), array_column($found, 2)));
    }

    private static function run(string $script): string
    {
        $path = self::write($script);
        $output = (string) shell_exec('ngspice -b '.escapeshellarg($path).' 2>&1');
        unlink($path);

        return $output;
    }

    private static function write(string $text): string
    {
        $path = sys_get_temp_dir().'/'.uniqid('lamp', true).'.cir';
        file_put_contents($path, $text);

        return $path;
    }
}
