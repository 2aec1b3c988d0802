<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Message\Message;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;

/**
 * Every state that can be reached from key out and cold by one move after another, with what is remembered on the way: switches
 * between their two temperatures, relays that hold, a time relay that runs. A breadth-first search, so that each is reached by as few
 * moves as can be.
 */
final readonly class StateSpace
{
    /** Past this the search stops and says so. */
    public const MOST_STATES = 4000;

    /** @param  non-empty-list<State>  $states  by number */
    private function __construct(
        public array $states,
        public ?Message $leftOut,
    ) {}

    public static function of(Circuit $circuit, StateTransitions $transitions, Solver $solver, int $most = self::MOST_STATES): self
    {
        $remembers = array_filter($circuit->components, static fn (Component $component): bool => $component->remembersPosition());
        $first = $solver->settle($transitions->first());
        $states = [new State(0, null, Message::of('transition.start'), $first, 0)];
        $known = [self::key($first) => true];
        $settled = [];
        $alike = [self::electricalKey($first) => 0];
        $isCut = false;
        for ($at = 0; $at < count($states); $at++) {
            $now = $states[$at]->point;
            $memory = array_intersect_key($now->positions, $remembers);
            foreach ($transitions->from($now->conditions, $memory) as $transition) {
                $conditions = $transition->to;
                $asked = $conditions->inputs.';'.implode(',', $memory);
                if (isset($settled[$asked])) {
                    continue;
                }
                $settled[$asked] = true;
                $point = $solver->settle($conditions);
                $key = self::key($point);
                if (isset($known[$key])) {
                    continue;
                }
                if (count($states) >= $most) {
                    $isCut = true;
                    break 2;
                }
                $known[$key] = true;
                $electrical = self::electricalKey($point);
                $alike[$electrical] ??= count($states);
                $states[] = new State(count($states), $at, $transition->name, $point, $alike[$electrical]);
            }
        }

        return new self($states, $isCut ? Message::of('proof.states-left-out', most: $most) : null);
    }

    /**
     * The same states with something broken in each.
     *
     * @param  \Closure(OperatingPoint): OperatingPoint  $broken  what comes of it in a state
     */
    public function broken(\Closure $broken): self
    {
        $states = [];
        $alike = [];
        foreach ($this->states as $state) {
            $point = $broken($state->point);
            $electrical = self::electricalKey($point);
            $alike[$electrical] ??= $state->number;
            $states[] = new State($state->number, $state->from, $state->transition, $point, $alike[$electrical]);
        }

        return new self($states, $this->leftOut);
    }

    /** @return list<State> the first of each that nothing electrical tells apart */
    public function distinct(): array
    {
        return array_values(array_filter($this->states, static fn (State $state): bool => $state->alike === $state->number));
    }

    private static function key(OperatingPoint $point): string
    {
        return $point->conditions->inputs.';'.implode(',', $point->positions);
    }

    /** What the circuit is made of, and what its engine can give it: all that tells states apart electrically. */
    private static function electricalKey(OperatingPoint $point): string
    {
        return "{$point->conditions->key->value};{$point->conditions->engineRpm};{$point->elementKey()};".implode(',', $point->positions).implode(',', $point->chattering);
    }
}
