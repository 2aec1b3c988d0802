<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Brief;
use LampThread\Shelf\Conductor;
use LampThread\Shelf\FusePart;
use LampThread\Shelf\RelayPart;
use LampThread\Shelf\Shelf;

/** The parts a circuit is built with. Before sizing these are generous ones, so that the first solution shows the greatest currents. */
final readonly class Fitted
{
    /**
     * @param  array<string, Conductor>  $conductors  by reel
     * @param  array<string, FusePart>  $fuses  by fuse id
     * @param  array<string, RelayPart>  $relays  by relay id
     * @param  array<string, float>  $conductorC  copper temperature under load by wire id, °C
     */
    public function __construct(
        public Conductor $usualConductor,
        public FusePart $usualFuse,
        public RelayPart $usualRelay,
        public array $conductors = [],
        public array $fuses = [],
        public array $relays = [],
        public array $conductorC = [],
    ) {}

    public static function generous(Brief $brief, Shelf $shelf): self
    {
        $conductors = $shelf->catalogue($brief->wiring->catalogue);
        $fuses = $shelf->fuses('blade');
        $relays = $shelf->relays($brief->supply->systemV);

        return new self($conductors[count($conductors) - 1], $fuses[count($fuses) - 1], $relays[count($relays) - 1]);
    }

    /**
     * @param  array<string, Conductor>  $conductors  by reel
     * @param  array<string, float>  $conductorC  by wire id, °C
     */
    public function wired(array $conductors, array $conductorC): self
    {
        return new self(
            $this->usualConductor, $this->usualFuse, $this->usualRelay, $conductors, $this->fuses, $this->relays, $conductorC,
        );
    }

    public function conductor(string $reel): Conductor
    {
        return $this->conductors[$reel] ?? $this->usualConductor;
    }

    public function fuse(string $id): FusePart
    {
        return $this->fuses[$id] ?? $this->usualFuse;
    }

    public function relay(string $id): RelayPart
    {
        return $this->relays[$id] ?? $this->usualRelay;
    }
}
