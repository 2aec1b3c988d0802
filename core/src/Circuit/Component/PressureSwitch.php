<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** A switch on the high-pressure line that closes when the condenser needs air. */
final readonly class PressureSwitch extends Component implements HasInput
{
    public const INPUT = 'pressure';

    public const NORMAL = 'normal';

    public const HIGH = 'high';

    private const CONTACT_OHM = 0.03;

    /** @param  float  $ratedA  what it may carry, A */
    public function __construct(string $id, string $mark, private float $ratedA)
    {
        parent::__construct($id, $mark, Message::of('component.pressure-switch'));
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), Symbol::PressureMake)];
    }

    public function currentLimitsA(): array
    {
        return [$this->id => $this->ratedA];
    }

    public function rating(): Rating
    {
        return Rating::switched($this->ratedA, [$this->id], '/control/airConditioning');
    }

    public function partsList(): array
    {
        return [new PartsListEntry($this->name)];
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.pressure-switch', mark: $this->mark);
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return $conditions->position(self::INPUT, self::NORMAL) === self::HIGH
            ? [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), self::CONTACT_OHM)]
            : [];
    }

    public function input(): string
    {
        return self::INPUT;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.pressure', mark: $this->mark);
    }

    public function inputPositions(): array
    {
        return [self::NORMAL, self::HIGH];
    }

    public function source(): InputSource
    {
        return InputSource::AirConditioning;
    }
}
