<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Diagnosis\Symptom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What people say, and which faults they say it of (common practice, no source). */
final class SymptomTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<Symptom>, list<Symptom>}> job, fault, what is told of it, what is not */
    public static function faults(): iterable
    {
        yield 'a dead relay' => [
            'orchard-sprayer', 'fan-1-relay=stuck-off', [Symptom::NeverRuns, Symptom::NoClick, Symptom::OverrideDead, Symptom::Overheats],
            [Symptom::NeverStops, Symptom::ClicksAndNothing, Symptom::FuseBlows],
        ];
        yield 'a welded relay' => [
            'kestrel-single-seater', 'fan-1-relay=stuck-on', [Symptom::NeverStops, Symptom::RunsKeyOut, Symptom::BatteryFlat], [Symptom::NeverRuns, Symptom::ComesEarly],
        ];
        yield 'a broken motor' => ['orchard-sprayer', 'fan-1=open', [Symptom::NeverRuns, Symptom::ClicksAndNothing], [Symptom::NoClick, Symptom::FuseBlows]];
        yield 'a motor held fast behind a fuse that opens' => ['saltmarsh-survey-buggy', 'fan-1=jammed', [Symptom::NeverRuns, Symptom::FuseBlows], [Symptom::RunsWeakly]];
        yield 'a switch that stays cold' => ['orchard-sprayer', 'stage-1-switch=stuck-off', [Symptom::NeverRuns, Symptom::NoClick], [Symptom::OverrideDead, Symptom::ComesLate]];
        yield 'a switch that reads low' => ['orchard-sprayer', 'stage-1-switch=drifted', [Symptom::ComesLate, Symptom::Overheats], [Symptom::NeverRuns, Symptom::ComesEarly]];
        yield 'a switch that reads high' => ['orchard-sprayer', 'stage-1-switch=drifted-high', [Symptom::ComesEarly], [Symptom::ComesLate, Symptom::NeverStops]];
        yield 'a switch that stays hot' => ['orchard-sprayer', 'stage-1-switch=stuck-on', [Symptom::NeverStops], [Symptom::RunsKeyOut, Symptom::ComesEarly]];
        yield 'a green earth' => ['dunmore-fire-tender', 'earth-bay=high-resistance', [Symptom::RunsWeakly, Symptom::SmellsHot], [Symptom::NeverRuns, Symptom::BlowsBackwards]];
        yield 'leads exchanged' => ['dunmore-fire-tender', 'fan-1=leads-exchanged', [Symptom::BlowsBackwards, Symptom::Overheats], [Symptom::NeverRuns, Symptom::FuseBlows]];
        yield 'one plug of two' => [
            'larkspur-camper', 'fan-2-plug=open', [Symptom::OneFanDead, Symptom::HighGone, Symptom::ClicksAndNothing], [Symptom::NeverRuns, Symptom::LowGone],
        ];
        yield 'the first of two stages' => ['larkspur-camper', 'stage-1-switch=stuck-off', [Symptom::LowGone], [Symptom::NeverRuns, Symptom::WarmAirConditioning]];
        yield 'the relay of low' => ['tern-step-van', 'low-relay=coil-open', [Symptom::LowGone, Symptom::NoClick], [Symptom::NeverRuns]];
        yield 'what the air conditioning starts' => [
            'larkspur-camper', 'fan-1-air-conditioning-relay=coil-open', [Symptom::WarmAirConditioning], [Symptom::NeverRuns, Symptom::OneFanDead],
        ];
        yield 'the coil’s fuse' => ['orchard-sprayer', 'coil-fuse=open', [Symptom::NeverRuns, Symptom::NoClick, Symptom::OverrideDead], [Symptom::FuseBlows]];
        yield 'a rubbed wire of the fan' => ['orchard-sprayer', 'W3=chafed', [Symptom::FuseBlows], [Symptom::RunsKeyOut]];
        yield 'the lamp itself' => ['dunmore-fire-tender', 'indicator=open', [Symptom::LampWrong], [Symptom::NeverRuns, Symptom::OverrideDead]];
        yield 'a fuse too large' => ['orchard-sprayer', 'fan-1-fuse=next-fuse-up', [], Symptom::cases()];
        yield 'air in the system' => ['orchard-sprayer', 'air-in-system', [Symptom::NeverRuns, Symptom::Overheats], [Symptom::OverrideDead, Symptom::NoClick]];
        yield 'a blocked core' => ['orchard-sprayer', 'core-blocked', [Symptom::Overheats, Symptom::RunsOnAndOn], [Symptom::NeverRuns, Symptom::ComesLate]];
    }

    /**
     * @param  list<Symptom>  $told
     * @param  list<Symptom>  $notTold
     */
    #[DataProvider('faults')]
    public function test_a_fault_is_told_of_as_it_is_seen(string $job, string $fault, array $told, array $notTold): void
    {
        $cause = Tables::cause($job, $fault);
        foreach ($told as $symptom) {
            self::assertTrue(Tables::of($job)->shows($cause, $symptom), "{$fault} is told of as {$symptom->value}");
        }
        foreach ($notTold as $symptom) {
            self::assertFalse(Tables::of($job)->shows($cause, $symptom), "{$fault} is not told of as {$symptom->value}");
        }
    }

    public function test_every_symptom_is_shown_by_something_in_some_job(): void
    {
        foreach (Symptom::cases() as $symptom) {
            $shown = 0;
            foreach (['orchard-sprayer', 'larkspur-camper', 'tern-step-van', 'kestrel-single-seater', 'dunmore-fire-tender'] as $job) {
                $shown += count(array_filter(array_keys(Tables::of($job)->causes), static fn (int $at): bool => Tables::of($job)->shows($at, $symptom)));
            }
            // No job of the workshop buzzes: a relay that feeds itself through its rest contact is refused long before.
            self::assertSame($symptom !== Symptom::Buzzes, $shown > 0, $symptom->value);
        }
    }
}
