<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;

/** A switch in something that wants air and is not the coolant: it closes when that is hot, or its pressure high. */
final readonly class OutsideSwitch extends OutsideContact
{
    /** Closed contact, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.02;

    /**
     * @param  float  $ratedA  what its contact may carry, A
     * @param  string  $ratedPath  JSON pointer to that rating in the brief
     */
    public function __construct(string $id, string $mark, Message $name, float $ratedA, string $ratedPath)
    {
        parent::__construct($id, $mark, $name, $ratedA, $ratedPath, Symbol::ThermalMake, self::CONTACT_OHM);
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.outside-switch', mark: $this->mark, name: $this->name);
    }

    public function input(): string
    {
        return $this->id;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.marked', mark: $this->mark, name: $this->name);
    }

    public function source(): InputSource
    {
        return InputSource::Vehicle;
    }
}
