<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Message\Message;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Harm;
use LampThread\Proof\Notice;
use LampThread\Proof\Proof;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One fault after the other, with what the trade knows of each: what is lost, what runs that should not, who notices, what a dash switch saves. */
final class SingleFaultsTest extends TestCase
{
    private static ?Proof $proof = null;

    /** The sprayer: one fan, one relay, a switch, a dash switch past that switch. */
    #[TestWith(['fan-1-fuse', FaultKind::Open, Harm::Stranded, 0.0, false, Notice::Gauge, 'Hot, no fan runs'])]
    #[TestWith(['coil-fuse', FaultKind::Open, Harm::Stranded, 0.0, false, Notice::Gauge, 'Not run any more by override'])]
    #[TestWith(['stage-1-switch', FaultKind::StuckOff, Harm::Stranded, 0.0, true, Notice::Gauge, 'Hot, no fan runs'])]
    #[TestWith(['W7', FaultKind::Open, Harm::Stranded, 0.0, true, Notice::Gauge, 'Hot, no fan runs'])]
    #[TestWith(['stage-1-switch', FaultKind::Drifted, Harm::LessCooling, 1.0, true, Notice::Gauge, 'Cooling comes late'])]
    #[TestWith(['fan-1-relay', FaultKind::StuckOn, Harm::Drains, 1.0, null, Notice::Noise, 'A fan runs unasked'])]
    #[TestWith(['key', FaultKind::StuckOn, Harm::Drains, 1.0, null, Notice::Noise, 'more with the key out'])]
    #[TestWith(['stage-1-switch', FaultKind::StuckOn, Harm::Noticed, 1.0, null, Notice::Noise, 'A fan runs unasked'])]
    #[TestWith(['W7', FaultKind::Chafed, Harm::Noticed, 1.0, null, Notice::Noise, 'A fan runs unasked'])]
    #[TestWith(['override', FaultKind::Open, Harm::Silent, 1.0, null, Notice::Nothing, 'Not run any more by override'])]
    #[TestWith(['W4', FaultKind::Chafed, Harm::Stranded, 0.0, false, Notice::Gauge, 'F2 opens within'])]
    #[TestWith(['W5', FaultKind::Chafed, Harm::Harmless, 1.0, null, Notice::Nothing, 'Changes nothing'])]
    #[TestWith(['fan-1', FaultKind::Jammed, Harm::Fire, 0.0, false, Notice::Gauge, 'more than it stands before the fuse opens'])]
    #[TestWith(['alternator', FaultKind::Open, Harm::Drains, 1.0, null, Notice::Lamp, 'The battery gives'])]
    #[TestWith(['battery', FaultKind::PolesExchanged, Harm::Damage, 1.0, null, Notice::Lamp, 'diodes short the battery'])]
    #[TestWith(['fan-1-relay', FaultKind::Exchanged85And86, Harm::Harmless, 1.0, null, Notice::Nothing, 'Changes nothing'])]
    public function test_what_comes_of_a_fault(string $part, FaultKind $kind, Harm $harm, float $airShare, ?bool $saves, Notice $notice, string $effect): void
    {
        $outcome = self::outcome(self::$proof ??= Proof::of(Orchard::sizing(), Orchard::shelf()), $part, $kind);

        self::assertSame([$harm, $saves, $notice], [$outcome->harm, $outcome->overrideSaves, $outcome->notice]);
        self::assertEqualsWithDelta($airShare, $outcome->airShare, 0.01);
        self::assertStringContainsString($effect, self::says($outcome));
    }

    /** @return iterable<string, array{string, FaultKind, Harm, string}> */
    public static function outcomes(): iterable
    {
        yield 'main fuse out' => ['fan-1-fuse', FaultKind::Open, Harm::Stranded, 'effect.no-fan-runs'];
        yield 'relay that does not pull' => ['fan-1-relay', FaultKind::StuckOff, Harm::Stranded, 'effect.no-fan-runs'];
        yield 'relay welded' => ['fan-1-relay', FaultKind::StuckOn, Harm::Drains, 'effect.runs-unasked'];
        yield 'switch that stays cold' => ['stage-1-switch', FaultKind::StuckOff, Harm::Stranded, 'effect.no-fan-runs'];
        yield 'switch that stays hot' => ['stage-1-switch', FaultKind::StuckOn, Harm::Noticed, 'effect.runs-unasked'];
        yield 'switch that reads low' => ['stage-1-switch', FaultKind::Drifted, Harm::LessCooling, 'effect.cooling-comes-late'];
        yield 'feed chafed before its fuse' => ['W2', FaultKind::Chafed, Harm::Fire, 'effect.burns'];
        yield 'feed chafed behind its fuse' => ['W3', FaultKind::Chafed, Harm::Stranded, 'effect.fuse-opens'];
        yield 'jammed fan' => ['fan-1', FaultKind::Jammed, Harm::Fire, 'effect.fuse-opens-or-not'];
        yield 'wire from the tapped circuit chafed' => ['W1', FaultKind::Chafed, Harm::Stranded, 'effect.fuse-opens'];
        yield 'fan plug corroded' => ['fan-1-plug', FaultKind::HighResistance, Harm::Fire, 'effect.joint-heats'];
        yield 'fan leads exchanged' => ['fan-1', FaultKind::LeadsExchanged, Harm::LessCooling, 'effect.air-left'];
        yield 'coil burnt through' => ['fan-1-relay', FaultKind::CoilOpen, Harm::Stranded, 'effect.no-fan-runs'];
        yield 'coil shorted' => ['fan-1-relay', FaultKind::CoilShort, Harm::Stranded, 'effect.fuse-opens'];
        yield '30 and 87 exchanged' => ['fan-1-relay', FaultKind::Exchanged30And87, Harm::Harmless, 'effect.nothing'];
        yield 'main fuse bridged' => ['fan-1-fuse', FaultKind::FuseBridged, Harm::Fire, 'effect.unprotected'];
        yield 'coil fuse bridged, with the vehicle’s before it' => ['coil-fuse', FaultKind::FuseBridged, Harm::Silent, 'effect.still-protected'];
        yield 'switch that reads high' => ['stage-1-switch', FaultKind::DriftedHigh, Harm::Noticed, 'effect.runs-unasked'];
        yield 'salt water in the fan’s plug' => ['fan-1-plug', FaultKind::LeakToFeed, Harm::Drains, 'effect.drains'];
        yield 'no charge' => ['alternator', FaultKind::Open, Harm::Drains, 'effect.discharges'];
        yield 'overcharged' => ['alternator', FaultKind::Overcharge, Harm::Noticed, 'effect.supply-at'];
        yield 'load dump' => ['alternator', FaultKind::LoadDump, Harm::Harmless, 'effect.supply-at'];
        yield 'battery turned' => ['battery', FaultKind::PolesExchanged, Harm::Damage, 'effect.alternator-reversed'];
        yield 'started from twice the voltage' => ['battery', FaultKind::DoubleVoltage, Harm::Harmless, 'effect.supply-at'];
        yield 'coolant thermostat stuck shut' => ['thermostat', FaultKind::ThermostatShut, Harm::Stranded, 'effect.thermostat-shut'];
        yield 'override that does not make' => ['override', FaultKind::Open, Harm::Silent, 'effect.not-run-by'];
        yield 'fan that is shorted' => ['fan-1', FaultKind::Short, Harm::Stranded, 'effect.fuse-opens'];
    }

    #[DataProvider('outcomes')]
    public function test_what_the_trade_knows_of_a_fault_is_what_comes_of_it(string $part, FaultKind $kind, Harm $harm, string $effect): void
    {
        $outcome = self::outcome(self::$proof ??= Proof::of(Orchard::sizing(), Orchard::shelf()), $part, $kind);

        self::assertSame($harm, $outcome->harm);
        self::assertContains($effect, array_map(static fn (Message $one): string => $one->code, $outcome->effects));
        if ($harm === Harm::Fire || $harm === Harm::Drains || $harm === Harm::Damage) {
            self::assertNotNull($outcome->figure, 'the number that put it there');
        }
    }

    /**
     * A fan whose leads are exchanged blows the wrong way: a third of the air is left (common practice, no source). A bad joint of half an ohm leaves
     * less than two thirds, and burns.
     */
    public function test_what_leaves_some_of_the_air(): void
    {
        $proof = self::$proof ??= Proof::of(Orchard::sizing(), Orchard::shelf());
        $exchanged = self::outcome($proof, 'fan-1', FaultKind::LeadsExchanged);
        $joint = self::outcome($proof, 'fan-1-fuse', FaultKind::HighResistance);

        self::assertSame([Harm::LessCooling, Harm::Fire], [$exchanged->harm, $joint->harm]);
        self::assertEqualsWithDelta(0.35, $exchanged->airShare, 1e-9);
        self::assertGreaterThan($exchanged->airShare, $joint->airShare);
        self::assertLessThan(0.75, $joint->airShare);
        self::assertGreaterThan(0.0, self::outcome($proof, 'fan-1-relay', FaultKind::StuckOn)->drainA);
    }

    /** Of two fans half the air is left when one stops, which is less cooling and strands nobody; what both hang on strands. */
    public function test_of_two_fans_one_goes_on(): void
    {
        $proof = Proof::of(Orchard::sizing(Combination::changes(
            Combination::deciders()['switch closing when hot'], Combination::loads()['two, a relay each'],
        )), Orchard::shelf());

        $one = self::outcome($proof, 'fan-2-fuse', FaultKind::Open);
        self::assertSame(Harm::LessCooling, $one->harm);
        self::assertEqualsWithDelta(0.5, $one->airShare, 0.02);
        self::assertSame(Harm::Stranded, self::outcome($proof, 'coil-fuse', FaultKind::Open)->harm);
        self::assertStringContainsString('50 % of the air is left', self::says($one));
    }

    private static function outcome(Proof $proof, string $part, FaultKind $kind): FaultOutcome
    {
        $found = array_filter($proof->faults, static fn (FaultOutcome $one): bool => $one->part === $part && $one->kind === $kind);

        return array_values($found)[0] ?? throw new \OutOfBoundsException("{$part} {$kind->value}");
    }

    private static function says(FaultOutcome $outcome): string
    {
        return implode(' ', array_map(static fn (Message $effect): string => Orchard::english($effect), $outcome->effects));
    }
}
