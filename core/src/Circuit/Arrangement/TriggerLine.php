<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Harness;

/**
 * The coils of a stage and the line that switches them. Whatever joins the line to its other end runs the stage: to earth when
 * the earth side is switched, to the coil fuse when the supply side is. Deciders and overrides need not know which.
 */
final readonly class TriggerLine implements Arrangement
{
    public function __construct(private Stage $stage) {}

    public function install(Harness $harness): void
    {
        $fused = "{$this->fuseId()}:2";
        foreach ($this->stage->fanIds as $at => $fanId) {
            $relay = "{$fanId}-relay";
            $previous = $at === 0 ? null : "{$this->stage->fanIds[$at - 1]}-relay";
            if ($this->stage->side === Side::Earth) {
                $this->chain($harness, $previous === null ? $fused : "{$previous}:86", "{$relay}:86", Colour::CoilFeed, Stretch::FuseToCoil);
                if ($previous !== null) {
                    $this->chain($harness, "{$previous}:85", "{$relay}:85", Colour::Trigger, Stretch::CoilToEarth);
                }
            } else {
                if ($previous !== null) {
                    $this->chain($harness, "{$previous}:86", "{$relay}:86", Colour::Trigger, Stretch::CoilToEarth);
                }
                $this->chain($harness, "{$relay}:85", $harness->earth('bay'), Colour::Earth, Stretch::CoilToEarth);
            }
        }
    }

    /** The terminal triggers join. */
    public function joint(): string
    {
        return "{$this->stage->fanIds[0]}-relay:".($this->stage->side === Side::Earth ? '85' : '86');
    }

    public function isEarthSide(): bool
    {
        return $this->stage->side === Side::Earth;
    }

    /** The other end a trigger connects the line to: an earth point of its place, or the coil feed. */
    public function otherEnd(Harness $harness, string $place): string
    {
        return $this->isEarthSide() ? $harness->earth($place) : "{$this->fuseId()}:2";
    }

    private function fuseId(): string
    {
        return VehicleSupply::COIL_FUSE;
    }

    private function chain(Harness $harness, string $from, string $to, Colour $colour, Stretch $stretch): void
    {
        $harness->wire($from, $to, $stretch, $colour, VehicleSupply::TRIGGER_REEL);
    }
}
