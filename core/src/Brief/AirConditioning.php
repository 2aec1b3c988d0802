<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The air conditioning as far as the fan is concerned. */
final readonly class AirConditioning
{
    /**
     * @param  non-empty-list<string>  $stageIds  those it makes run
     * @param  float|null  $fuseA  fuse the wire that is tapped is behind, A; 0 for none, null where nobody has looked
     * @param  ClutchTap  $tap  where that is the clutch's wire
     */
    public function __construct(
        public Compressor $compressor,
        public AirConditioningTrigger $trigger,
        public array $stageIds,
        public ?float $fuseA = null,
        public ClutchTap $tap = ClutchTap::Behind,
    ) {}

    /** Whether it makes a stage run. */
    public function asksFor(Stage $stage): bool
    {
        return in_array($stage->id, $this->stageIds, true);
    }
}
