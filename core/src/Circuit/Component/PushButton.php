<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** The button that starts the after-run: closed in the moment it is pushed. */
final readonly class PushButton extends Component
{
    public const ID = 'after-run-button';

    private const CONTACT_OHM = 0.02;

    public function __construct(string $mark)
    {
        parent::__construct(self::ID, $mark, Message::of('component.push-button'));
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), Symbol::HandMake)];
    }

    public function partsList(): array
    {
        return [new PartsListEntry($this->name)];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return $conditions->elapsedS === 0.0 ? [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), self::CONTACT_OHM)] : [];
    }
}
