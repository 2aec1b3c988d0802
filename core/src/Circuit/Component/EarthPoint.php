<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\BadJoint;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StrapOpen;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;

/** A stud on the body, and the way back from it to battery negative. */
final readonly class EarthPoint extends Component
{
    /** Lift of an earth point above battery negative that is still good, V (common practice, no source). */
    private const LIFT_V = 0.1;

    /**
     * @param  float  $ohm  the way back to battery negative, Ω
     * @param  float|null  $starterOhm  resistance of the starter, where it is bolted to the same metal; null where it is not
     */
    public function __construct(string $id, string $mark, Message $name, private float $ohm, private ?float $starterOhm = null)
    {
        parent::__construct($id, $mark, $name);
    }

    /** Scraped badly, painted over, rusted under. */
    public function jointWeight(): float
    {
        return 2.5;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('31'), Rail::EARTH, Symbol::EarthPoint)];
    }

    public function faults(): array
    {
        return [
            new Open, ...BadJoint::stages($this->jointElements()),
            ...($this->starterOhm === null ? [] : [new StrapOpen(new Resistor("{$this->id}-starter", Rail::SUPPLY, $this->terminal('31'), $this->starterOhm))]),
        ];
    }

    public function badJoints(float $ohm): array
    {
        return [BadJoint::of($this->jointElements(), $ohm)];
    }

    public function isStud(): bool
    {
        return true;
    }

    public function isEarthPoint(): bool
    {
        return true;
    }

    public function rating(): Rating
    {
        return new Rating(
            'earth', Message::of('part.earth-stud'), 'earth-lift', Measure::TerminalVoltage, [$this->terminal('31')], self::LIFT_V, Unit::Volt,
            '/control/earth',
        );
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('31'), Rail::EARTH, $this->ohm)];
    }
}
