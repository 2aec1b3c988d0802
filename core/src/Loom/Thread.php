<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Circuit\Wire;

/** One path for current: from the supply or from a joint of another thread, to earth, to a joint, or to an open end. */
final readonly class Thread
{
    /**
     * @param  string  $from  terminal it starts at
     * @param  list<Wire|array{Component, Pass}>  $steps  wires and ways through components, in order
     * @param  string  $to  terminal it ends at
     */
    public function __construct(
        public string $from,
        public array $steps,
        public string $to,
    ) {}

    /** @return list<array{Component, Pass}> */
    public function passes(): array
    {
        return array_values(array_filter($this->steps, is_array(...)));
    }

    /** Fans first, then coils, then what joins them. */
    public function rank(): int
    {
        $symbols = array_map(static fn (array $step): Symbol => $step[1]->symbol, $this->passes());

        return match (true) {
            in_array(Symbol::Motor, $symbols, true) => 0,
            in_array(Symbol::Coil, $symbols, true) => 1,
            default => 2,
        };
    }

    public function title(): string
    {
        foreach ([Symbol::Motor, Symbol::Coil, null] as $wanted) {
            foreach ($this->passes() as [$component, $pass]) {
                if ($wanted === null || $pass->symbol === $wanted) {
                    return $wanted === Symbol::Coil && $component instanceof Relay ? "Trigger, {$component->mark}" : $component->name;
                }
            }
        }

        return 'Wire';
    }
}
