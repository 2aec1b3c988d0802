<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Reel;
use LampThread\Circuit\Wire;
use LampThread\Electrics\Copper;
use LampThread\Electrics\OperatingPoint;
use LampThread\Electrics\Solver;
use LampThread\Shelf\Conductor;

/** The way from the battery to what a reel feeds and back, as its hardest setting has it; what is not wire is apart from what is. */
final readonly class Loop
{
    /** Below this a wire carries too little to tell its share of the loop by, A. */
    private const LEAST_A = 0.001;

    /**
     * @param  non-empty-list<Wire>  $wires
     * @param  float  $othersV  lost in fuse, contacts, crimps and earth, V
     * @param  float  $othersOhm  resistance of those and of the battery, Ω
     * @param  float  $currentA  through the reel's first wire, A
     */
    private function __construct(
        public OperatingPoint $hardest,
        private array $wires,
        public float $othersV,
        public float $othersOhm,
        private float $currentA,
    ) {}

    /** @param  non-empty-list<Wire>  $wires */
    public static function of(array $wires, Reel $reel, Duty $duty, Solver $solver): self
    {
        $hardest = $duty->hardestFor($wires[0]->id, $reel->loadFrom, $reel->loadTo);
        $othersV = $hardest->volts->at(Circuit::SUPPLY) - abs($hardest->volts->across($reel->loadFrom, $reel->loadTo));
        foreach ($wires as $wire) {
            $othersV -= abs($hardest->currentA($wire->id)) * ($wire->ohm() - Wire::CRIMPS_OHM);
        }
        $currentA = abs($hardest->currentA($wires[0]->id));
        $asWired = new self($hardest, $wires, max(0.0, $othersV), 0.0, $currentA);
        $wiresOhm = $asWired->wiresOhm($wires[0]->conductor, static fn (Wire $wire): float => $wire->conductorC);
        $loopOhm = $solver->loopOhm($hardest, $reel->loadFrom, $reel->loadTo);

        return new self($hardest, $wires, $asWired->othersV, max(0.0, $loopOhm - $wiresOhm), $currentA);
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
            $volts += $wire->run->given === null ? 0.0 : $this->wireV($wire, $wire->run->given, $conductorC);
        }

        return $volts;
    }

    /** @param  \Closure(Wire): float  $conductorC */
    private function wireV(Wire $wire, Conductor $conductor, \Closure $conductorC): float
    {
        $milliohmPerM = ($wire->run->given ?? $conductor)->milliohmPerM;

        return abs($this->hardest->currentA($wire->id)) * $wire->run->lengthM * $milliohmPerM / 1000 * Copper::factor($conductorC($wire));
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
            static fn (Wire $wire): float => $wire->run->lengthM * ($wire->run->given ?? $conductor)->milliohmPerM / 1000,
            $this->wires,
        ));
    }
}
