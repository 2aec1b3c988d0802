<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;

/** A crimped, sleeved splice in the loom: more wires than a terminal takes are joined before it. */
final readonly class Splice extends Component
{
    /** @param  Message  $terminal  what the terminal it is before is called */
    public function __construct(string $id, string $mark, private Message $terminal)
    {
        parent::__construct($id, $mark, Message::of('component.splice', terminal: $terminal));
    }

    /** Where everything it joins meets. */
    public function joint(): string
    {
        return $this->terminal('1');
    }

    public function paths(): array
    {
        return [];
    }

    public function isSplice(): bool
    {
        return true;
    }

    public function termination(string $number): Termination
    {
        return Termination::Splice;
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.splice', mark: $this->mark, terminal: $this->terminal);
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [];
    }
}
