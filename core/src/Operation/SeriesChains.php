<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Component\Rail;

/**
 * Which elements lie in one chain, one after another with nothing branching off: whichever of them is opened, or gets the same
 * resistance more, the rest of the circuit is the same.
 */
final readonly class SeriesChains
{
    /** @param  array<string, string>  $chains  element to the name of its chain */
    private function __construct(private array $chains) {}

    public static function of(OperatingPoint $point): self
    {
        $at = [];
        foreach ($point->elements() as $element) {
            $at[$element->from()][] = $element->name();
            $at[$element->to()][] = $element->name();
        }
        unset($at[Rail::SUPPLY], $at[Rail::EARTH]);
        $chains = [];
        foreach ($at as $names) {
            if (count($names) === 2 && $names[0] !== $names[1]) {
                $one = $chains[$names[0]] ?? [$names[0]];
                $two = $chains[$names[1]] ?? [$names[1]];
                if ($one === $two) {
                    continue;
                }
                $joined = [...$one, ...$two];
                foreach ($joined as $name) {
                    $chains[$name] = $joined;
                }
            }
        }

        return new self(array_map(static fn (array $names): string => $names[0], $chains));
    }

    /** The chain an element lies in; its own name where it lies in none. */
    public function chain(string $element): string
    {
        return $this->chains[$element] ?? $element;
    }
}
