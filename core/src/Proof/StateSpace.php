<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FeelsTemperature;
use LampThread\Circuit\Component\OriginalWiring;
use LampThread\Circuit\Component\Relay;
use LampThread\Electrics\OperatingPoint;
use LampThread\Electrics\Solver;

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
        public ?string $leftOut,
    ) {}

    public static function of(Circuit $circuit, Moves $moves, Solver $solver, int $most = self::MOST_STATES): self
    {
        $remembers = array_keys(array_filter(
            $circuit->components,
            static fn ($component): bool => $component instanceof FeelsTemperature || $component instanceof Relay || $component instanceof OriginalWiring,
        ));
        $first = $solver->settle($moves->first());
        $states = [new State(0, null, 'key out, cold', $first, 0)];
        $known = [self::key($first) => true];
        $settled = [];
        $alike = [self::standing($first) => 0];
        $isCut = false;
        for ($at = 0; $at < count($states); $at++) {
            $now = $states[$at]->point;
            $memory = array_intersect_key($now->positions, array_flip($remembers));
            foreach ($moves->from($now->setting, $memory) as $move => $setting) {
                $asked = $setting->inputs.';'.implode(',', $memory);
                if (isset($settled[$asked])) {
                    continue;
                }
                $settled[$asked] = true;
                $point = $solver->settle($setting);
                $key = self::key($point);
                if (isset($known[$key])) {
                    continue;
                }
                if (count($states) >= $most) {
                    $isCut = true;
                    break 2;
                }
                $known[$key] = true;
                $standing = self::standing($point);
                $alike[$standing] ??= count($states);
                $states[] = new State(count($states), $at, $move, $point, $alike[$standing]);
            }
        }

        return new self($states, $isCut ? sprintf(
            'More than %d states can be reached. These are the ones that take the fewest moves; what takes more was not looked at.',
            $most,
        ) : null);
    }

    /** @return list<State> the first of each that nothing electrical tells apart */
    public function distinct(): array
    {
        return array_values(array_filter($this->states, static fn (State $state): bool => $state->alike === $state->number));
    }

    private static function key(OperatingPoint $point): string
    {
        return $point->setting->inputs.';'.implode(',', $point->positions);
    }

    /** What the circuit is made of, and what its engine can give it: all that tells states apart electrically. */
    private static function standing(OperatingPoint $point): string
    {
        return "{$point->setting->key->value};{$point->setting->engineRpm};{$point->standing};".implode(',', $point->positions).implode(',', $point->chattering);
    }
}
