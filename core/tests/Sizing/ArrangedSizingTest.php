<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Circuit\Component\Relay;
use LampThread\Parts\CableCatalogue;
use LampThread\Parts\RelayPart;
use LampThread\Sizing\Candidate;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sizes of circuits with more than one fan, relay or feed. */
final class ArrangedSizingTest extends TestCase
{
    /** @return iterable<string, array{string, string, array<string, int>}> load, override, how many choices of each kind */
    public static function choices(): iterable
    {
        yield 'one fan' => [
            'one fan',
            'none',
            ['fuse' => 2, 'relay' => 1, 'wire' => 2],
        ];
        yield 'two, a relay each' => [
            'two, a relay each',
            'none',
            ['fuse' => 3, 'relay' => 2, 'wire' => 3],
        ];
        yield 'two on one relay' => [
            'two on one relay',
            'none',
            ['fuse' => 2, 'relay' => 1, 'wire' => 4],
        ];
        yield 'dropping resistor' => [
            'dropping resistor',
            'none',
            ['fuse' => 2, 'relay' => 2, 'wire' => 2],
        ];
        yield 'series and parallel' => [
            'series and parallel',
            'none',
            ['fuse' => 3, 'relay' => 3, 'wire' => 3],
        ];
        yield 'change-over' => [
            'one fan',
            'change-over',
            ['fuse' => 4, 'relay' => 2, 'wire' => 4],
        ];
    }

    /** @param  array<string, int>  $kinds */
    #[DataProvider('choices')]
    public function test_everything_that_has_a_size_is_chosen_once(string $load, string $override, array $kinds): void
    {
        $choices = Orchard::sizing($this->changes($load, $override))->choices;
        $fromShelf = array_filter($choices, static fn (Choice $choice): bool => $choice->candidates !== []);
        $counted = array_count_values(array_map(static fn (Choice $choice): string => $choice->kind, $fromShelf));
        ksort($counted);

        self::assertSame($kinds, $counted);
        foreach ($choices as $choice) {
            self::assertTrue($choice->taken->fits(), $choice->id);
        }
    }

    public function test_a_relay_whose_rest_contact_is_used_has_one(): void
    {
        foreach ([['series and parallel', 'none'], ['one fan', 'change-over']] as [$load, $override]) {
            $sizing = Orchard::sizing($this->changes($load, $override));
            foreach ($sizing->circuit->each(Relay::class) as $relay) {
                if ($relay->isChangeOver) {
                    self::assertNotNull($relay->part->restA, $relay->id);
                }
            }
        }
    }

    private static function value(Choice $choice, string $code): float
    {
        return array_column(array_map(static fn (Constraint $one): array => [$one->code, $one->value], $choice->taken->constraints), 1, 0)[$code];
    }

    public function test_one_relay_for_two_fans_carries_and_starts_both(): void
    {
        $one = Orchard::sizing($this->changes('one fan', 'none'));
        $two = Orchard::sizing($this->changes('two on one relay', 'none'));
        $carries = static fn (array $choices): float => self::value($choices['fan-1-relay'], 'running-current');
        $starts = static fn (array $choices): float => self::value($choices['fan-1-relay'], 'start-current');

        self::assertEqualsWithDelta(2.0, $carries($two->choices) / $carries($one->choices), 0.1);
        self::assertEqualsWithDelta(2.0, $starts($two->choices) / $starts($one->choices), 0.15);
    }

    public function test_what_a_contact_switches_on_is_what_standing_motors_take(): void
    {
        $sizing = Orchard::sizing();
        $starting = OperatingEnvelope::of($sizing->circuit, starting: true);
        $ratio = $starting->greatestA('fan-1-relay-contact') / $sizing->envelope->greatestA('fan-1-relay-contact');

        // Common practice, no source: start current is 2.5 to 3.3 times running current.
        self::assertGreaterThan(2.5, $ratio);
        self::assertLessThan(3.3, $ratio);
    }

    public function test_a_fuse_is_never_larger_than_the_one_it_shares(): void
    {
        $changes = Combination::changes(
            Combination::deciders()['switch closing when hot'],
            Combination::loads()['one fan'],
            more: ['feed' => 'existing-circuit', 'existingFuseA' => 15],
        );
        $fuse = Orchard::sizing($changes)->choices['fan-1-fuse'];
        self::assertSame('blade-15', $fuse->taken->part->id());

        $tooSmall = Orchard::sizing([...$changes, '/control/existingFuseA' => 5])->choices['fan-1-fuse'];
        self::assertFalse($tooSmall->taken->fits());
    }

    /** Where none fits, what is named is what comes nearest: beside a 5 A fuse of the vehicle the smallest, not the largest. */
    public function test_where_no_fuse_fits_the_nearest_is_named(): void
    {
        $changes = Combination::changes(
            Combination::deciders()['switch closing when hot'], Combination::loads()['one fan'], more: ['feed' => 'existing-circuit', 'existingFuseA' => 5],
        );
        $fuse = Orchard::sizing($changes)->choices['fan-1-fuse'];

        self::assertFalse($fuse->isMade());
        $worst = static fn (Candidate $one): float => $one->deciding()->usedShare();
        foreach ($fuse->candidates as $candidate) {
            self::assertGreaterThanOrEqual($worst($fuse->taken), $worst($candidate), $candidate->part->id());
        }
    }

    /** A relay with no rest contact says so; one that has one says what it carries. */
    public function test_a_rest_contact_that_is_missing_is_said(): void
    {
        $choice = Orchard::sizing($this->changes('one fan', 'change-over'))->choices['fan-1-override-relay'];
        $says = [];
        foreach ($choice->candidates as $candidate) {
            $constraint = array_values(array_filter($candidate->constraints, static fn (Constraint $one): bool => $one->code === 'rest-contact'))[0];
            $says[$candidate->part->id()] = Orchard::english($constraint->formula());
        }

        self::assertStringContainsString('no rest contact', $says['mini-40-12v'] ?? '');
        self::assertStringContainsString('30 A', $says['mini-40-30-12v']);
    }

    /** A resistor that no rating stands is judged by the largest there is. */
    public function test_a_resistor_too_hot_for_any_rating_is_judged_by_the_largest(): void
    {
        $sizing = Orchard::sizing([
            ...Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['dropping resistor']), '/fans/0/runA' => 110, '/fans/0/startA' => 300,
        ]);
        $resistor = array_values(array_filter($sizing->choices, static fn (Choice $choice): bool => $choice->kind === 'resistor'))[0];
        $heat = array_values(array_filter($resistor->taken->constraints, static fn (Constraint $one): bool => $one->code === 'heat'))[0];

        self::assertSame([false, 250.0], [$resistor->taken->fits(), $heat->limit]);
    }

    public function test_a_larger_fan_never_gets_a_smaller_part(): void
    {
        $last = ['fan-1-fuse' => 0.0, 'fan-1-relay' => 0.0, 'fan-1-wire' => 0.0];
        foreach ([4, 6, 9, 12, 15, 18, 22] as $runA) {
            $choices = Orchard::sizing(['/fans/0/runA' => $runA, '/fans/0/startA' => null])->choices;
            $shelf = Orchard::shelf();
            $relay = $choices['fan-1-relay']->taken->part;
            self::assertInstanceOf(RelayPart::class, $relay);
            $now = [
                'fan-1-fuse' => $shelf->fuse($choices['fan-1-fuse']->taken->part->id())->ratedA ?? 0.0,
                'fan-1-relay' => $relay->makeA,
                'fan-1-wire' => $shelf->conductor($choices['fan-1-wire']->taken->part->id())->areaMm2 ?? 0.0,
            ];
            foreach ($now as $id => $size) {
                self::assertGreaterThanOrEqual($last[$id], $size, "{$id} at {$runA} A");
            }
            $last = $now;
        }
    }

    public function test_longer_is_never_thinner(): void
    {
        $last = 0.0;
        foreach ([0.5, 1, 2, 3, 5, 8] as $lengthM) {
            $sizing = Orchard::sizing(['/runs/relay-to-fan/lengthM' => $lengthM]);
            $areaMm2 = Orchard::shelf()->conductor($sizing->choices['fan-1-wire']->taken->part->id())->areaMm2 ?? 0.0;
            self::assertGreaterThanOrEqual($last, $areaMm2, "{$lengthM} m");
            $last = $areaMm2;
        }
    }

    public function test_every_catalogue_is_judged_thin_to_thick(): void
    {
        foreach (CableCatalogue::cases() as $catalogue) {
            $choice = Orchard::sizing(['/wiring/catalogue' => $catalogue->value])->choices['fan-1-wire'];
            $sizes = Orchard::shelf()->catalogue($catalogue);

            self::assertCount(count($sizes), $choice->candidates);
            self::assertSame($sizes[0]->id, $choice->candidates[0]->part->id());
            $fitting = array_values(array_filter($choice->candidates, static fn ($candidate): bool => $candidate->fits()));
            self::assertNotEmpty($fitting);
            self::assertEquals($choice->taken->label(), $fitting[0]->label(), 'the smallest that fits');
        }
    }

    /** @return array<string, mixed> */
    private function changes(string $load, string $override): array
    {
        return Combination::changes(
            Combination::deciders()['switch closing when hot'],
            Combination::loads()[$load],
            'earth',
            null,
            Combination::overrides()[$override],
        );
    }

    public function test_a_fan_that_lies_farther_off_gets_its_own_length_and_size(): void
    {
        $changes = [
            ...Combination::changes(Combination::deciders()['hand'], Combination::loads()['two, a relay each']),
            '/runs/relay-to-fan/lengthM' => 1.0,
            '/runs/relay-to-fan@fan-2-wire' => ['lengthM' => 6.0],
        ];
        $sizing = Orchard::sizing($changes);
        $area = static fn (string $group): float => (float) $sizing->circuit->wiresOf($sizing->circuit->wireGroups[$group])[0]->conductor->areaMm2;

        self::assertGreaterThan($area('fan-1-wire'), $area('fan-2-wire'));
    }

    public function test_a_length_for_a_reel_there_is_not_is_refused(): void
    {
        $this->expectExceptionMessage('fan-7-wire');
        Orchard::sizing(['/runs/relay-to-fan@fan-7-wire' => ['lengthM' => 6.0]]);
    }
}
