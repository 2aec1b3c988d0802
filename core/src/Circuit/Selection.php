<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Brief;
use LampThread\Parts\Conductor;
use LampThread\Parts\FusePart;
use LampThread\Parts\RelayPart;
use LampThread\Parts\Shelf;

/** The parts a circuit is built with. Before sizing these are generous ones, so that the first solution shows the greatest currents. */
final readonly class Selection
{
    /**
     * @param  array<string, Conductor>  $conductors  by wire group
     * @param  array<string, FusePart>  $fuses  by fuse id
     * @param  array<string, RelayPart>  $relays  by relay id
     * @param  array<string, float>  $conductorC  copper temperature under load by wire id, °C
     * @param  array<string, true>  $stubs  terminals that are reached by a thinner stub
     * @param  Existing|null  $existing  what was there and stays; null where nothing was
     * @param  bool  $isFound  whether it is the circuit that was found, of whose plugs and splices nothing is known
     */
    public function __construct(
        public Conductor $usualConductor,
        public FusePart $usualFuse,
        public RelayPart $usualRelay,
        public array $conductors = [],
        public array $fuses = [],
        public array $relays = [],
        public array $conductorC = [],
        public array $stubs = [],
        public ?Existing $existing = null,
        public bool $isFound = false,
    ) {}

    public static function generous(Brief $brief, Shelf $shelf, ?Existing $existing = null): self
    {
        $conductors = $shelf->catalogue($brief->wiring->catalogue);
        $fuses = $shelf->fuses('blade');
        $relays = $shelf->relays($brief->supply->systemV);

        return new self($conductors[count($conductors) - 1], $fuses[count($fuses) - 1], $relays[count($relays) - 1], existing: $existing);
    }

    /**
     * @param  array<string, Conductor>  $conductors  by wire group
     * @param  array<string, float>  $conductorC  by wire id, °C
     */
    public function wired(array $conductors, array $conductorC): self
    {
        return new self(
            $this->usualConductor, $this->usualFuse, $this->usualRelay, $conductors, $this->fuses, $this->relays, $conductorC, $this->stubs, $this->existing,
        );
    }

    /** @param  array<string, true>  $stubs  terminals */
    public function stubbed(array $stubs): self
    {
        return new self(
            $this->usualConductor, $this->usualFuse, $this->usualRelay, $this->conductors, $this->fuses, $this->relays, $this->conductorC, $stubs, $this->existing,
        );
    }

    public function conductor(string $group): Conductor
    {
        return $this->conductors[$group] ?? $this->usualConductor;
    }

    public function fuse(string $id): FusePart
    {
        return $this->existing?->fuse($id) ?? $this->fuses[$id] ?? $this->usualFuse;
    }

    public function relay(string $id): RelayPart
    {
        return $this->existing?->relay($id) ?? $this->relays[$id] ?? $this->usualRelay;
    }
}
