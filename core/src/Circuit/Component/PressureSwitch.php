<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;

/** A switch on the high-pressure line that closes when the condenser needs air. */
final readonly class PressureSwitch extends OutsideContact
{
    public const INPUT = 'pressure';

    private const CONTACT_OHM = 0.03;

    /** @param  float  $ratedA  what it may carry, A */
    public function __construct(string $id, string $mark, float $ratedA)
    {
        parent::__construct($id, $mark, Message::of('component.pressure-switch'), $ratedA, '/control/airConditioning', Symbol::PressureMake, self::CONTACT_OHM);
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.pressure-switch', mark: $this->mark);
    }

    public function input(): string
    {
        return self::INPUT;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.pressure', mark: $this->mark);
    }

    public function source(): InputSource
    {
        return InputSource::AirConditioning;
    }
}
