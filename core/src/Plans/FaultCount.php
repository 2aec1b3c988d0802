<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Wire;
use LampThread\Diagnosis\Situation;
use LampThread\Diagnosis\Situations;
use LampThread\Observation\Appearance;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use LampThread\Scenario\Courses;
use LampThread\Scenario\FaultsWithoutEffect;
use LampThread\Scenario\Limits;
use LampThread\Sizing\Sizing;

/**
 * What single faults do to a plan, counted where drivers are: hot, cold with the air conditioning on, with each switch in each position. Far
 * quicker than a proof over every state, which follows for the plans that are chosen.
 */
final readonly class FaultCount
{
    /**
     * @param  int  $strands  after which no fan cools when it is hottest, and no dash switch makes one run
     * @param  int  $unnoticed  that take away only what is asked for by the air conditioning or by hand
     */
    private function __construct(public int $strands, public int $unnoticed) {}

    public static function of(Sizing $sizing, Shelf $shelf): self
    {
        $circuit = $sizing->circuit;
        $situations = new Situations($circuit);
        $solver = new Solver($circuit);
        $courses = new Courses(new Limits($circuit, $sizing->brief, $shelf), $solver);
        $withoutEffect = new FaultsWithoutEffect($circuit);
        $where = [$situations->full, Situations::COLD, Situations::AIR_CONDITIONING, ...$situations->asked, ...$situations->overrides];
        $watched = array_intersect_key($situations->all, array_flip($where));
        $sound = array_map(static fn (Situation $situation): OperatingPoint => $solver->settle($situation->conditions), $watched);
        $looks = array_map(static fn (OperatingPoint $point): Appearance => Appearance::of($point), $sound);
        $strands = 0;
        $unnoticed = 0;
        foreach (self::faults($circuit) as [$part, $fault]) {
            $seen = [];
            foreach ($sound as $id => $point) {
                $seen[$id] = $fault->canHappen($point->conditions) && ! $withoutEffect->includes($part, $fault, $point)
                    ? Appearance::of($courses->of($point, new Faults([$part => $fault]))->final)
                    : $looks[$id];
            }
            $runs = static fn (string $id): bool => $seen[$id]->runsAny();
            $isSaved = array_filter($situations->overrides, $runs) !== [];
            $isHotAsEver = array_filter([Situations::COLD, ...$situations->asked], static fn (string $id): bool => $seen[$id]->token() !== $looks[$id]->token()) === [];
            $isElsewhere = array_filter(array_keys($seen), static fn (string $id): bool => $seen[$id]->token() !== $looks[$id]->token()) !== [];
            $strands += $looks[$situations->full]->runsAny() && ! $runs($situations->full) && ! $isSaved ? 1 : 0;
            $unnoticed += $isHotAsEver && $isElsewhere ? 1 : 0;
        }

        return new self($strands, $unnoticed);
    }

    /** @return list<array{string, Fault}> what fails by itself and stays, of what comes; of a joint its worst */
    private static function faults(Circuit $circuit): array
    {
        $faults = [];
        $there = array_column(array_filter($circuit->wires, static fn (Wire $wire): bool => $wire->foundId !== null), 'id', 'id');
        foreach ($circuit->faults() as $part => $ofPart) {
            foreach ($circuit->wasThere($part) || isset($there[$part]) ? [] : $ofPart as $fault) {
                if ($fault->isFullyFailed() && ! $fault->isByHand() && is_infinite($fault->lastsS())) {
                    $faults[] = [$part, $fault];
                }
            }
        }

        return $faults;
    }
}
