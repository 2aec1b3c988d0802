<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Everything that makes the fans run or keeps them from it. */
final readonly class Control
{
    /**
     * @param  bool  $feedRelay  the coils are fed by a relay that a small ignition feed works
     * @param  non-empty-list<Stage>  $stages  in the order they come on
     * @param  float|null  $existingFuseA  fuse of the circuit the feed is taken from, A
     * @param  float|null  $fuseBeforeA  what that circuit had for a fuse before anyone changed it, A; null where nobody knows
     * @param  float|null  $tappedFuseA  the vehicle's fuse of the key's circuit that is tapped, A; 0 for none, null where nobody has looked
     */
    public function __construct(
        public Feed $feed,
        public ?float $existingFuseA,
        public EarthReturn $earth,
        public CoilFeed $coilFeed,
        public bool $feedRelay,
        public array $stages,
        public ?Speeds $speeds,
        public ?AirConditioning $airConditioning,
        public ?Override $override,
        public ?AfterRun $afterRun,
        public Lockouts $lockouts,
        public ?float $tappedFuseA = null,
        public ?float $fuseBeforeA = null,
    ) {}

    /** Whether the vehicle's own control still runs a fan. */
    public function keepsOriginal(): bool
    {
        return array_filter($this->stages, static fn (Stage $stage): bool => $stage->decider->keepsOriginalWiring()) !== [];
    }
}
