<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Fault;
use LampThread\Network\Element\Element;

/** A component or wire that can fail. */
interface Breakable
{
    /** @return list<Fault> the ways in which it can fail; none for what the vehicle's maker answers for */
    public function faults(): array;

    /** Its fault of a kind; null where it cannot fail so. */
    public function fault(FaultKind $kind): ?Fault;

    /** @return list<string> elements a bad joint adds its resistance to */
    public function jointElements(): array;

    /** @return list<Fault> each of its joints that may have a resistance too much, Ω; none where it has no joint that fails */
    public function badJoints(float $ohm): array;

    /** @return list<Fault> what a search tells apart, and one of faults() stands for in a proof */
    public function finerFaults(): array;

    /** How often a bad joint is here, over a wire with its two crimps (common practice, no source). */
    public function jointWeight(): float;

    /**
     * How far an element of it may be off while it is sound.
     *
     * @param  float  $ampere  current through it
     * @param  float  $volts  voltage across it
     */
    public function limit(Element $element, float $ampere, float $volts): Limit;
}
