<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Loom\Step;
use LampThread\Operation\Solver;
use LampThread\Proof\Proof;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Operation\Ngspice;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A thermal breaker taken in place of the main fuse. */
final class ThermalBreakerTest extends TestCase
{
    private const HOT = 100.0;

    #[TestWith(['breaker-25', true])]
    #[TestWith(['breaker-10', false])]
    public function test_it_is_judged_as_a_fuse_is(string $id, bool $holds): void
    {
        $choice = $this->sizing($id)->choices['fan-1-fuse'];

        self::assertSame($id, $choice->taken->part->id());
        self::assertSame($holds, $choice->taken->fits());
    }

    public function test_the_wire_behind_it_outlasts_how_late_it_opens(): void
    {
        $wire = $this->sizing('breaker-25')->choices['fan-1-wire']->taken;

        self::assertTrue($wire->fits());
        self::assertNotEmpty(array_filter($wire->constraints, static fn (Constraint $constraint): bool => $constraint->code === 'fuse-rating'));
    }

    public function test_the_circuit_runs_through_it_and_stops_when_it_is_open(): void
    {
        $circuit = $this->sizing('breaker-25')->circuit;
        $solver = new Solver($circuit);
        $hot = new OperatingConditions(Key::Run, 850, self::HOT);
        $sound = $solver->settle($hot);
        $open = $solver->breakIn($sound, $hot->withFaults($circuit->broken(['fan-1-fuse' => FaultKind::Open])));

        self::assertSame(FanMotor::TURNING, $sound->position('fan-1'));
        self::assertSame(FanMotor::AT_REST, $open->position('fan-1'));
        Ngspice::assertAgrees(['sound' => $sound, 'open' => $open]);
    }

    public function test_it_is_bought_fitted_and_proven_as_what_it_is(): void
    {
        $sizing = $this->sizing('breaker-25');
        $loom = Loom::of($sizing, Orchard::shelf());
        $parts = array_map(static fn (PartRow $row): string => Orchard::english($row->part), $loom->parts);
        $steps = implode("\n", array_merge(...array_map(static fn (Step $step): array => array_map(Orchard::english(...), $step->items), $loom->steps)));
        $faults = array_filter(Proof::of($sizing, Orchard::shelf())->faults, static fn ($fault): bool => $fault->part === 'fan-1-fuse');

        self::assertNotEmpty(preg_grep('/Thermal breaker 25 A/', $parts));
        self::assertStringContainsStringIgnoringCase('breaker', $steps);
        self::assertEqualsCanonicalizing(
            [FaultKind::Open, FaultKind::HighResistance, FaultKind::FuseBridged], array_values(array_map(static fn ($fault): FaultKind => $fault->kind, $faults)),
        );
    }

    private function sizing(string $breaker): Sizing
    {
        return Orchard::sizing(['/pinned/fan-1-fuse' => $breaker]);
    }
}
