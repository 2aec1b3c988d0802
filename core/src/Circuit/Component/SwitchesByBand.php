<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;

/**
 * What every component does that is on above one temperature and off below another, for all or nothing.
 *
 * @phpstan-require-extends Component
 *
 * @property-read string $stageId
 * @property-read TemperatureBand $band
 */
trait SwitchesByBand
{
    public function figure(): Quantity
    {
        return Unit::Celsius->of($this->band->onC);
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function stageId(): string
    {
        return $this->stageId;
    }

    public function thresholdsC(): array
    {
        return [$this->band->offC, $this->band->onC];
    }

    public function fullDemandC(): float
    {
        return $this->band->onC;
    }

    public function isProportional(): bool
    {
        return false;
    }

    public function remembersPosition(): bool
    {
        return true;
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return Hysteresis::of($this->band, $conditions, $this->id);
    }
}
