<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;

/** A resistance between 1 and 2: a dropping resistor, a slow winding, an indicator lamp. */
final readonly class FixedResistor extends Component
{
    /**
     * @param  float  $ohm  above 0
     * @param  bool  $isUnknown  whether it comes inside something bought, and is only taken as usual
     */
    public function __construct(
        string $id,
        string $mark,
        Message $name,
        public float $ohm,
        private Symbol $symbol = Symbol::Resistor,
        private ?Rating $rating = null,
        public bool $isUnknown = false,
    ) {
        parent::__construct($id, $mark, $name);
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), $this->symbol)];
    }

    /** One that gets hot is bolted to metal and has studs. */
    public function termination(string $number): Termination
    {
        return match (true) {
            $this->isUnknown => Termination::HolderLead,
            $this->rating === null => Termination::Tab63,
            default => Termination::Stud,
        };
    }

    public function figure(): Quantity
    {
        return Unit::Ohm->of(round($this->ohm, 2));
    }

    public function rating(): ?Rating
    {
        return $this->rating;
    }

    public function partsList(): array
    {
        return [new PartsListEntry($this->isUnknown ? Message::of('part.low-high-module') : $this->name)];
    }

    public function provingStep(): ?Message
    {
        return $this->isUnknown ? Message::of('step.prove.low-unknown', mark: $this->mark) : null;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), $this->ohm)];
    }
}
