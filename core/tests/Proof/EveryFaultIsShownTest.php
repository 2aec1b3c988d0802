<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Fault\Fault;
use LampThread\Diagnosis\Cause;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\FaultTables;
use LampThread\Exchange\DesignPresenter;
use LampThread\Exchange\Wording;
use LampThread\Proof\CoolingFaults;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Proof;
use LampThread\Road\StandingHeat;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** A kind of fault that is added is shown everywhere, or this fails: on the bench, in the proof, in Trail, and in words. */
final class EveryFaultIsShownTest extends TestCase
{
    private const WORDS = __DIR__.'/../../../lang/en.json';

    private const RATES = __DIR__.'/../../data/faults/rates.json';

    public function test_some_part_can_fail_in_each_way(): void
    {
        $known = [];
        foreach (self::jobs() as $changes) {
            $known += array_fill_keys(array_map(self::word(...), self::faults(Orchard::sizing($changes)->circuit)), true);
        }
        $cooling = new CoolingFaults(Orchard::brief(), StandingHeat::of(Orchard::brief(), 95.0));
        $known += array_fill_keys(array_map(static fn (FaultOutcome $one): string => $one->kind->value, $cooling->outcomes()), true);

        self::assertEqualsCanonicalizing(array_column(FaultKind::cases(), 'value'), array_keys($known));
    }

    public function test_each_has_its_words_and_its_rate(): void
    {
        $words = json_decode((string) file_get_contents(self::WORDS), true);
        $rates = (string) file_get_contents(self::RATES);
        foreach (self::jobs() as $changes) {
            foreach (self::faults(Orchard::sizing($changes)->circuit) as $fault) {
                $kind = self::word($fault);
                self::assertArrayHasKey("fault-kind.{$kind}", $words);
                self::assertStringContainsString("\"{$kind}\":", $rates);
                foreach ($fault->isJoint() || is_finite($fault->lastsS()) ? [] : ['mend', 'prevent'] as $what) {
                    self::assertArrayHasKey("trail.{$what}.{$kind}", $words);
                }
            }
        }
    }

    /** @return list<Fault> those that are proven, and those a search tells apart beside them */
    private static function faults(Circuit $circuit): array
    {
        return array_merge(...array_map(static fn (Breakable $part): array => [...$part->faults(), ...$part->finerFaults()], array_values($circuit->breakable())));
    }

    public function test_each_is_a_row_of_the_proof_a_cause_in_trail_and_a_choice_on_the_bench(): void
    {
        foreach (self::jobs() as $changes) {
            $sizing = Orchard::sizing($changes);
            $rows = array_map(
                static fn (FaultOutcome $row): string => "{$row->part}=".self::told($row->fault),
                Proof::of($sizing, Orchard::shelf())->faults,
            );
            $table = FaultTables::of($sizing, Orchard::shelf(), new FailureRates($sizing->circuit));
            $causes = array_map(static fn (Cause $cause): string => implode('+', array_map(
                static fn (string $part, Fault $fault): string => "{$part}=".self::told($fault), array_keys($cause->faults), $cause->faults,
            )), $table->causes);
            $bench = [];
            foreach (DesignPresenter::of($sizing, Orchard::shelf(), Wording::english(), [])['bench']['faults'] as $choice) {
                array_push($bench, ...array_map(static fn (string $kind): string => "{$choice['id']}={$kind}", $choice['kinds']));
            }
            foreach (self::each($sizing->circuit) as [$part, $fault]) {
                self::assertContains("{$part}=".self::told($fault), $rows);
                self::assertContains("{$part}={$fault->kind->value}", $bench);
                if (is_infinite($fault->lastsS())) {
                    self::assertContains("{$part}=".self::told($fault), $causes);
                }
            }
            foreach ($sizing->circuit->breakable() as $id => $part) {
                foreach ($part->finerFaults() as $fault) {
                    self::assertContains("{$id}={$fault->kind->value}", $causes, 'what a search tells apart');
                }
            }
        }
    }

    /** A joint has other sizes in a proof than in a search. */
    private static function told(Fault $fault): string
    {
        return $fault->isJoint() ? 'joint' : $fault->kind->value;
    }

    /** @return iterable<array{string, Fault}> */
    private static function each(Circuit $circuit): iterable
    {
        foreach ($circuit->faults() as $part => $faults) {
            foreach ($faults as $fault) {
                yield [(string) $part, $fault];
            }
        }
    }

    private static function word(Fault $fault): string
    {
        return $fault->kind->value;
    }

    /** @return list<array<string, mixed>> jobs whose parts can between them fail in every way */
    private static function jobs(): array
    {
        return [
            ['/pinned/fan-1-relay' => 'mini-40-12v-diode'],
            Combination::changes(Combination::deciders()['computer'], Combination::loads()['two at two temperatures'], 'earth', null, Combination::overrides()['low-high']),
            Combination::changes(Combination::deciders()['stepless'], Combination::loads()['one fan']),
            Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['one fan']),
            Combination::changes(Combination::deciders()['original'], Combination::loads()['one fan'], 'earth', null, Combination::overrides()['change-over']),
        ];
    }
}
