<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Wire;
use LampThread\Circuit\WireGroup;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Parts\Conductor;
use LampThread\Parts\Copper;

/** The way from the battery to what a group of wires feeds and back, in its hardest state; what is not wire is apart from what is. */
final readonly class FeedLoop
{
    /**
     * A loop of more than this is closed by nothing but a coil or an input, so open as far as a short goes, Ω; it is sized as though it were
     * closed through so much (common practice, no source).
     */
    private const OPEN_OHM = 20.0;

    private const CLOSED_OHM = 0.05;

    /** Below this a wire carries too little to tell its share of the loop by, A. */
    private const LEAST_A = 0.001;

    /**
     * @param  non-empty-list<Wire>  $wires
     * @param  float  $othersOhm  resistance of fuse, contacts, crimps, earth and battery, Ω
     * @param  float  $currentA  through the group's first wire, A
     */
    private function __construct(
        public OperatingPoint $hardest,
        private array $wires,
        public float $othersOhm,
        private float $currentA,
    ) {}

    /** @param  non-empty-list<Wire>  $wires */
    public static function of(array $wires, WireGroup $group, OperatingEnvelope $envelope, Solver $solver): self
    {
        $hardest = $envelope->hardestFor($wires[0]->id, $group->loadFrom, $group->loadTo);
        $currentA = abs($hardest->currentA($wires[0]->id));
        $asWired = new self($hardest, $wires, 0.0, $currentA);
        $wiresOhm = $asWired->wiresOhm($wires[0]->conductor, static fn (Wire $wire): float => $wire->conductorC);
        $loopOhm = $solver->loopOhm($hardest, $group->loadFrom, $group->loadTo);

        $isOpen = $loopOhm > self::OPEN_OHM;

        return new self($hardest, $wires, $isOpen ? self::CLOSED_OHM : max(0.0, $loopOhm - $wiresOhm), $currentA);
    }

    /** What the battery has in that state, V. */
    public function batteryV(): float
    {
        return $this->hardest->voltages->at(Rail::SUPPLY);
    }

    /**
     * Lost in the wires were they of this size, V.
     *
     * @param  \Closure(Wire): float  $conductorC  copper temperature of each, °C
     */
    public function wiresV(Conductor $conductor, \Closure $conductorC): float
    {
        return array_sum(array_map(fn (Wire $wire): float => $this->wireV($wire, $conductor, $conductorC), $this->wires));
    }

    /**
     * Lost in those of the wires that were there already, V: whatever is cut new, it stays.
     *
     * @param  \Closure(Wire): float  $conductorC
     */
    public function thereV(\Closure $conductorC): float
    {
        $volts = 0.0;
        foreach ($this->wires as $wire) {
            $volts += $wire->segment->given === null ? 0.0 : $this->wireV($wire, $wire->segment->given, $conductorC);
        }

        return $volts;
    }

    /** @param  \Closure(Wire): float  $conductorC */
    private function wireV(Wire $wire, Conductor $conductor, \Closure $conductorC): float
    {
        $milliohmPerM = ($wire->segment->given ?? $conductor)->milliohmPerM;

        return abs($this->hardest->currentA($wire->id)) * $wire->segment->lengthM * $milliohmPerM / 1000 * Copper::factor($conductorC($wire));
    }

    /**
     * Resistance of the wires were they of this size, as the loop's current sees it, Ω.
     *
     * @param  \Closure(Wire): float  $conductorC
     */
    public function wiresOhm(Conductor $conductor, \Closure $conductorC): float
    {
        if ($this->currentA > self::LEAST_A) {
            return $this->wiresV($conductor, $conductorC) / $this->currentA;
        }

        return array_sum(array_map(
            static fn (Wire $wire): float => $wire->segment->lengthM * ($wire->segment->given ?? $conductor)->milliohmPerM / 1000,
            $this->wires,
        ));
    }
}
