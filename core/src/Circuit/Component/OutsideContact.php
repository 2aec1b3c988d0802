<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** A contact that no current of the circuit works, and no hand: it closes when something outside is hot, or its pressure high. */
abstract readonly class OutsideContact extends Component implements HasInput
{
    public const RESTS = 'normal';

    public const ACTS = 'high';

    /**
     * @param  float  $ratedA  what it may carry, A
     * @param  string  $ratedPath  JSON pointer to that rating in the brief
     * @param  float  $closedOhm  closed, Ω
     */
    protected function __construct(
        string $id,
        string $mark,
        Message $name,
        private float $ratedA,
        private string $ratedPath,
        private Symbol $symbol,
        private float $closedOhm,
    ) {
        parent::__construct($id, $mark, $name);
    }

    final public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), $this->symbol)];
    }

    final public function currentLimitsA(): array
    {
        return [$this->id => $this->ratedA];
    }

    final public function rating(): Rating
    {
        return Rating::switched($this->ratedA, [$this->id], $this->ratedPath);
    }

    final public function partsList(): array
    {
        return [new PartsListEntry($this->name)];
    }

    final public function elements(OperatingConditions $conditions, int $position): array
    {
        return $conditions->position($this->input(), self::RESTS) === self::ACTS
            ? [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), $this->closedOhm)]
            : [];
    }

    final public function inputPositions(): array
    {
        return [self::RESTS, self::ACTS];
    }
}
