<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Component\Faults;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;

/** Two faults at once: one that nobody notices, and any other that comes after it. Told are those that are worse together than either alone. */
final readonly class FaultPairs
{
    /** @var list<FaultOutcome> those nobody notices, worst first */
    public array $firsts;

    /** @var array<string, FaultOutcome> by key */
    private array $alone;

    public function __construct(private Proof $proof, private Shelf $shelf)
    {
        $possible = $proof->sizing->circuit->faults();
        $this->firsts = array_values(array_filter(
            $proof->faults,
            static fn (FaultOutcome $fault): bool => $fault->harm === Harm::Silent && $fault->notice === Notice::Nothing && isset($possible[$fault->part]),
        ));
        $this->alone = array_combine(array_map(static fn (FaultOutcome $fault): string => $fault->key(), $proof->faults), $proof->faults);
    }

    /** @return list<FaultOutcome> second faults that are worse after a first, worst first */
    public function after(FaultOutcome $first): array
    {
        $solver = new Solver($this->proof->sizing->circuit);
        $alone = SingleFaults::of($this->proof->sizing, $this->proof->space, $this->shelf, $solver)->solving;
        $faults = new Faults([$first->part => $first->fault]);
        // With every fuse open that the first has opened.
        $space = $this->proof->space->broken(static fn (OperatingPoint $point): OperatingPoint => $alone->solved($point, $faults)->final);
        $worse = [];
        foreach (SingleFaults::of($this->proof->sizing, $space, $this->shelf, $solver)->outcomes() as $second) {
            $byItself = $this->alone[$second->key()] ?? null;
            if ($second->part !== $first->part && $byItself !== null && self::isWorse($second, $byItself)) {
                $worse[] = $second;
            }
        }

        return $worse;
    }

    private static function isWorse(FaultOutcome $after, FaultOutcome $alone): bool
    {
        return $after->harm->rank() < $alone->harm->rank() || ($alone->overrideSaves === true && $after->overrideSaves === false);
    }
}
