<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** A switch in something that wants air and is not the coolant: it closes when that is hot, or its pressure high. */
final readonly class OutsideSwitch extends Component implements HasInput
{
    public const RESTS = 'normal';

    public const ACTS = 'high';

    /** Closed contact, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.02;

    /**
     * @param  float  $ratedA  what its contact may carry, A
     * @param  string  $ratedPath  JSON pointer to that rating in the brief
     */
    public function __construct(string $id, string $mark, Message $name, private float $ratedA, private string $ratedPath)
    {
        parent::__construct($id, $mark, $name);
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), Symbol::ThermalMake)];
    }

    public function currentLimitsA(): array
    {
        return [$this->id => $this->ratedA];
    }

    public function rating(): Rating
    {
        return Rating::switched($this->ratedA, [$this->id], $this->ratedPath);
    }

    public function partsList(): array
    {
        return [new PartsListEntry($this->name)];
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.outside-switch', mark: $this->mark, name: $this->name);
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return $conditions->position($this->id, self::RESTS) === self::ACTS
            ? [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), self::CONTACT_OHM)]
            : [];
    }

    public function input(): string
    {
        return $this->id;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.marked', mark: $this->mark, name: $this->name);
    }

    public function inputPositions(): array
    {
        return [self::RESTS, self::ACTS];
    }

    public function source(): InputSource
    {
        return InputSource::Vehicle;
    }
}
