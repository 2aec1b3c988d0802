<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** A switch that engine speed works. Engine speed is not road speed: a low gear up a hill is fast, too. */
final readonly class EngineSpeedSwitch
{
    /** @param  bool  $isInFeed  one contact in the feed of all coils and controllers, instead of one in each stage's trigger */
    public function __construct(
        public float $rpm,
        public EngineSpeedAction $action = EngineSpeedAction::OpensAbove,
        public bool $isInFeed = false,
    ) {}

    /** Whether it keeps the fan off at an engine speed. */
    public function isOpenAt(float $engineRpm): bool
    {
        return ($engineRpm >= $this->rpm) === $this->action->locksAbove();
    }
}
