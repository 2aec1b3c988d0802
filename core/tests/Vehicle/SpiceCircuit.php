<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Circuit\Component\Rail;

/** A netlist for ngspice, line by line, with terminals for nodes. */
final class SpiceCircuit
{
    /** From every terminal to the body, as insulation has it, Ω: what is joined to nothing reads nothing. */
    private const LEAK_OHM = 1e7;

    /** @var array<string, string> terminal to node */
    private array $nodes = [Rail::EARTH => '0'];

    /** @var list<string> */
    private array $lines = [];

    /** @var array<string, array{string, string, float}> name to ends and ohms */
    private array $resistors = [];

    public function resistor(string $name, string $from, string $to, float $ohm): void
    {
        $this->resistors[$name] = [$from, $to, $ohm];
        $this->lines[] = sprintf('R%d %s %s %.9g', count($this->lines), $this->node($from), $this->node($to), $ohm);
    }

    public function source(string $plus, string $minus, float $volts): void
    {
        $this->lines[] = sprintf('V%d %s %s %.9g', count($this->lines), $this->node($plus), $this->node($minus), $volts);
    }

    public function diode(string $anode, string $cathode): void
    {
        $this->lines[] = sprintf('D%d %s %s suppression', count($this->lines), $this->node($anode), $this->node($cathode));
    }

    /** A current that goes with what lies across two terminals. */
    public function current(string $from, string $to, string $formula): void
    {
        $across = "V({$this->node($from)},{$this->node($to)})";
        $this->lines[] = sprintf('B%d %s %s I = %s', count($this->lines), $this->node($from), $this->node($to), str_replace('{v}', $across, $formula));
    }

    /**
     * A chopper that keeps a share of what lies between plus and minus across its output, and takes as much less current as it gives more.
     *
     * @param  string  $sink  the output’s other end
     */
    public function chopper(string $plus, string $sink, string $minus, float $duty): void
    {
        $number = count($this->lines);
        $this->lines[] = sprintf('V%d %s sense%d 0', $number, $this->node($plus), $number);
        $this->lines[] = sprintf('B%d sense%d %s V = %.6g*V(%s,%s)', $number, $number, $this->node($sink), $duty, $this->node($plus), $this->node($minus));
        $this->lines[] = sprintf('F%d %s %s V%d %.6g', $number, $this->node($minus), $this->node($plus), $number, $duty);
    }

    public function netlist(): string
    {
        $leaks = [];
        foreach (array_unique($this->nodes) as $node) {
            $leaks[] = $node === '0' ? '' : sprintf('Rleak%s %s 0 %.9g', $node, $node, self::LEAK_OHM);
        }

        return implode("\n", ['a vehicle', ...$this->lines, ...array_filter($leaks), '.model suppression D(is=1e-9 n=1.8)', '.end'])."\n";
    }

    /**
     * @param  array<string, float>  $byNode  as ngspice has them
     * @return array<string, float> volts by terminal, against the battery’s minus
     */
    public function volts(array $byNode): array
    {
        return array_map(static fn (string $node): float => $byNode[$node] ?? 0.0, $this->nodes);
    }

    /**
     * @param  array<string, float>  $volts  by terminal
     * @return array<string, float> through each resistor, A
     */
    public function amperes(array $volts): array
    {
        return array_map(static fn (array $resistor): float => ($volts[$resistor[0]] - $volts[$resistor[1]]) / $resistor[2], $this->resistors);
    }

    private function node(string $terminal): string
    {
        return $this->nodes[$terminal] ??= 'n'.count($this->nodes);
    }
}
