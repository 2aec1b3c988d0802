<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Network\Element\DiodeJunction;

/** A diode from A to K. */
final readonly class Diode extends Component
{
    /** Forward current of the usual small rectifier, A (common practice, no source). */
    private const RATED_A = 1.0;

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('A'), $this->terminal('K'), Symbol::Diode)];
    }

    public function nonlinearTerminals(): array
    {
        return [$this->terminal('A'), $this->terminal('K')];
    }

    public function rating(): Rating
    {
        return new Rating(
            'diode', Message::of(
                'part.rectifier', ratedA: Unit::Ampere->of(self::RATED_A),
            ), 'forward-current', Measure::ElementCurrent, [$this->id], self::RATED_A, Unit::Ampere,
            '/control/airConditioning',
        );
    }

    public function partsList(): array
    {
        return [new PartsListEntry($this->name)];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new DiodeJunction($this->id, $this->terminal('A'), $this->terminal('K'))];
    }
}
