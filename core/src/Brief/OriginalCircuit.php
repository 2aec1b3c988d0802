<?php

declare(strict_types=1);

namespace LampThread\Brief;

/**
 * The vehicle's own relay, fuse and wires of a stage, which stay: what of them is told, and what is taken where nobody has looked
 * (common practice, no source).
 */
final readonly class OriginalCircuit
{
    public const USUAL_FUSE_A = 30.0;

    public const USUAL_AREA_MM2 = 2.5;

    /** What the usual relay of such a circuit carries, A. */
    public const USUAL_RELAY_A = 30.0;

    /** Name of each figure in a job file to what is taken for it. */
    public const USUAL = ['fuseA' => self::USUAL_FUSE_A, 'areaMm2' => self::USUAL_AREA_MM2, 'relayA' => self::USUAL_RELAY_A];

    /**
     * @param  float|null  $fuseA  as it is now, A; null where nobody has looked
     * @param  float|null  $fuseBeforeA  before anyone changed it, A; null where nobody knows
     * @param  float|null  $areaMm2  copper of the wires to the fan, mm²; null where nobody has looked
     * @param  float|null  $relayA  what its relay carries, A; null where nobody has looked
     * @param  float|null  $connectorA  what each pin of the fan's connector carries, A; null where nobody has looked
     * @param  bool  $isRelayReplaced  a relay of the loom's stands in the place of the vehicle's, on the vehicle's wires
     */
    public function __construct(
        public ?float $fuseA = null,
        public ?float $fuseBeforeA = null,
        public ?float $areaMm2 = null,
        public ?float $relayA = null,
        public ?float $connectorA = null,
        public bool $isRelayReplaced = false,
    ) {}

    public function takenFuseA(): float
    {
        return $this->fuseA ?? self::USUAL_FUSE_A;
    }

    public function takenAreaMm2(): float
    {
        return $this->areaMm2 ?? self::USUAL_AREA_MM2;
    }

    public function takenRelayA(): float
    {
        return $this->relayA ?? self::USUAL_RELAY_A;
    }

    /** @return list<string> names of the figures nobody has told */
    public function assumed(): array
    {
        $told = ['fuseA' => $this->fuseA, 'areaMm2' => $this->areaMm2, ...($this->isRelayReplaced ? [] : ['relayA' => $this->relayA])];

        return array_keys($told, null, true);
    }
}
