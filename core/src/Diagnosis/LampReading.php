<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\TestLead;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;

/** A test lamp solved as part of the circuit: it takes current, so that behind a coil it stays dark, and may pull that coil in. */
final class LampReading
{
    /** @var array<string, Solver> by subject and terminal */
    private array $solvers = [];

    /** @var array<string, OperatingPoint> sound, by subject, terminal and situation */
    private array $sound = [];

    /** @param  list<Circuit>  $circuits  by subject */
    public function __construct(private readonly array $circuits, private readonly int $systemV) {}

    /** Volts across the lamp from a terminal to the battery’s minus. */
    public function volts(Cause $cause, Situation $situation, string $terminal): float
    {
        $circuit = $this->circuits[$cause->subject];
        if ($circuit->componentAt($terminal) === null) {
            return FaultTable::ABSENT;
        }
        $key = "{$cause->subject}/{$terminal}";
        $solver = $this->solvers[$key] ??= new Solver($circuit->with(TestLead::lamp($terminal, Rail::EARTH, $this->systemV)));
        $sound = $this->sound["{$key}/{$situation->id}"] ??= $solver->settle($situation->conditions);

        return $solver->breakIn($sound, $situation->conditions->withFaults($cause->feltIn($situation)))->voltages->at($terminal);
    }
}
