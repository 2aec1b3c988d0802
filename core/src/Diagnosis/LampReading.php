<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\TestLead;
use LampThread\Operation\Solver;

/** A test lamp solved as part of the circuit: it takes current, so that behind a coil it stays dark, and may pull that coil in. */
final class LampReading
{
    /** @var array<string, Solver> by subject and terminal */
    private array $solvers = [];

    /** @param  list<Circuit>  $circuits  by subject */
    public function __construct(private readonly array $circuits, private readonly int $systemV) {}

    /** Volts across the lamp from a terminal to the battery’s minus. */
    public function volts(Cause $cause, Situation $situation, string $terminal): float
    {
        $circuit = $this->circuits[$cause->subject];
        if ($circuit->componentAt($terminal) === null) {
            return FaultTable::ABSENT;
        }
        $solver = $this->solvers["{$cause->subject}/{$terminal}"] ??= new Solver($circuit->with(TestLead::lamp($terminal, Rail::EARTH, $this->systemV)));

        return $solver->settle($situation->conditions->withFaults($cause->feltIn($situation)))->voltages->at($terminal);
    }
}
