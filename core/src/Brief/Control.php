<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Everything that makes the fans run or keeps them from it. */
final readonly class Control
{
    /**
     * @param  bool  $feedRelay  the coils are fed by a relay that a small ignition feed works
     * @param  non-empty-list<Stage>  $stages  in the order they come on
     * @param  list<Override>  $overrides  each with a switch of its own
     * @param  float|null  $existingFuseA  fuse of the circuit the feed is taken from, A
     * @param  float|null  $fuseBeforeA  what that circuit had for a fuse before anyone changed it, A; null where nobody knows
     * @param  float|null  $spareFeedA  what a fused feed that is left for later shall carry, A; null where none is
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
        public array $overrides,
        public ?AfterRun $afterRun,
        public Lockouts $lockouts,
        public ?float $tappedFuseA = null,
        public ?float $fuseBeforeA = null,
        public RelayPlace $relayPlace = RelayPlace::Bay,
        public ?float $spareFeedA = null,
    ) {}

    /** @return non-empty-list<Stage> every decider with what it decides: the stages in order, then those that run one of them in parallel */
    public function deciding(): array
    {
        return array_values($this->decidingByPath());
    }

    /** @return non-empty-array<string, Stage> where each of them is told in a job file, with it: in the same order */
    public function decidingByPath(): array
    {
        $byPath = [];
        foreach ($this->stages as $at => $stage) {
            $byPath["/control/stages/{$at}/decider"] = $stage;
        }
        foreach ($this->stages as $at => $stage) {
            foreach (array_slice($stage->deciding(), 1) as $number => $parallel) {
                $byPath["/control/stages/{$at}/parallel/{$number}"] = $parallel;
            }
        }

        return $byPath;
    }

    /** Whether the vehicle has air conditioning, by whatever hears of it. */
    public function hasCompressor(): bool
    {
        return $this->airConditioning !== null || array_filter($this->deciding(), static fn (Stage $stage): bool => $stage->decider->needsCompressor()) !== [];
    }

    /** Whether a driver can make a fan run. */
    public function canBeOverridden(): bool
    {
        return array_filter($this->overrides, static fn (Override $override): bool => $override->canRun()) !== [];
    }

    /** Whether an override is let into the feed of a stage's fans. */
    public function changesOverFeed(Stage $stage): bool
    {
        return array_filter($this->overrides, fn (Override $override): bool => $override->changesOverFeed() && $override->concerns($stage, $this)) !== [];
    }

    /** Whether an override opens the circuit of the sensor a stage's computer reads. */
    public function opensSensorCircuit(Stage $stage): bool
    {
        return array_filter($this->overrides, fn (Override $override): bool => $override->opensSensorCircuit() && $override->concerns($stage, $this)) !== [];
    }
}
