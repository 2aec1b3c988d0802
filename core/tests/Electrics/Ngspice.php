<?php

declare(strict_types=1);

namespace LampThread\Tests\Electrics;

/** Runs a netlist in ngspice (Debian package) and reads the node voltages back. */
final class Ngspice
{
    /** @return array<string, float> node to volts */
    public static function operatingPoint(string $netlist): array
    {
        $answer = [];
        foreach (explode("\n", self::run($netlist)) as $line) {
            if (preg_match('/^\s*([a-z0-9_]+)\s+(-?\d\.\d+e[+-]\d+)\s*$/i', $line, $part)) {
                $answer[$part[1]] = (float) $part[2];
            }
        }

        return $answer;
    }

    /** @return array<string, float> name of a `meas` to what it measured */
    public static function measured(string $netlist): array
    {
        preg_match_all('/^([a-z0-9_]+)\s+=\s+(-?\d\.\d+e[+-]\d+)/mi', self::run($netlist), $found, PREG_SET_ORDER);

        return array_combine(array_column($found, 1), array_map(floatval(...), array_column($found, 2)));
    }

    private static function run(string $netlist): string
    {
        $path = sys_get_temp_dir().'/'.uniqid('lamp', true).'.cir';
        file_put_contents($path, str_replace(".op\n", ".op\n.options numdgt=9\n", $netlist));
        $output = (string) shell_exec('ngspice -b '.escapeshellarg($path).' 2>&1');
        unlink($path);

        return $output;
    }
}
