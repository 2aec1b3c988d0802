<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;

/** The insulated end of a fused feed that is left for later. Nothing is on it; its fuse and wire are sized for what it shall carry. */
final readonly class SpareOutlet extends Component
{
    /**
     * @param  float  $carriesA  what it is left for, A
     * @param  float  $supplyV  at which that much flows, V
     */
    public function __construct(string $id, string $mark, private float $carriesA, private float $supplyV)
    {
        parent::__construct($id, $mark, Message::of('component.spare-outlet'));
    }

    public function end(): string
    {
        return $this->terminal('1');
    }

    public function termination(string $number): Termination
    {
        return Termination::Splice;
    }

    public function paths(): array
    {
        return [];
    }

    public function isCapped(): bool
    {
        return true;
    }

    public function figure(): Quantity
    {
        return Unit::Ampere->of($this->carriesA);
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return $conditions->drawsSpare ? [new Resistor($this->id, $this->end(), Rail::EARTH, $this->supplyV / $this->carriesA)] : [];
    }

    public function partsList(): array
    {
        return [new PartsListEntry(Message::of('part.spare-end'))];
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.spare-outlet', mark: $this->mark, carries: $this->figure());
    }
}
