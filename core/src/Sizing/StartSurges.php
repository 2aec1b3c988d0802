<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Rail;
use LampThread\Operation\RunUp;
use LampThread\Operation\Solver;
use LampThread\Operation\Surge;

/** For each fuse and contact the start that is hardest on it, with every fan that is fed then starting together. */
final readonly class StartSurges
{
    /** @param  array<string, RunUp>  $hardest  by element */
    private function __construct(private array $hardest) {}

    /** @param  list<string>  $elements  fuses and contacts */
    public static function of(Circuit $circuit, OperatingEnvelope $starting, array $elements): self
    {
        $watched = [];
        foreach ($elements as $element) {
            $watched[$starting->hardest($element)][] = $element;
        }
        $solver = new Solver($circuit);
        $hardest = [];
        foreach ($watched as $at => $names) {
            $runUp = RunUp::of($solver, $starting->points[$at], $names, [Rail::SUPPLY]);
            $hardest += array_fill_keys($names, $runUp);
        }

        return new self($hardest);
    }

    public function has(string $element): bool
    {
        return isset($this->hardest[$element]);
    }

    public function surge(string $element): Surge
    {
        return $this->hardest[$element]->surge($element);
    }
}
