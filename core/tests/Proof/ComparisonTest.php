<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Proof\Comparison;
use LampThread\Proof\Difference;
use LampThread\Proof\Proof;
use LampThread\Proof\ProofSummary;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** What a change did to a design, in the words of the one who made it. */
final class ComparisonTest extends TestCase
{
    /** With a coil fed from the battery the fan runs on with the key out, and empties the battery. */
    public function test_what_a_coil_fed_from_the_battery_makes_worse(): void
    {
        $compared = self::compared(['/control/coilFeed' => 'ignition'], ['/control/coilFeed' => 'battery']);
        $worse = self::told($compared->worse);

        self::assertContains(['The fan can run with the key out', 'not there', 'warning'], $worse);
        self::assertContains(['Bare sensor terminals are dead with the key out', 'fails in 0 states', 'fails in 2 states'], $worse);
        self::assertContains(['Temperature switch, top hose adapter, stuck on', 'Noticed', 'Drains'], $worse, 'what a fault does now');
        self::assertContains(['The fan can run while cranking', 'warning', 'gone'], self::told($compared->better));
    }

    /** The other way round the same is better. */
    public function test_mended_is_better_by_the_same(): void
    {
        $there = self::compared(['/control/coilFeed' => 'ignition'], ['/control/coilFeed' => 'battery']);
        $back = self::compared(['/control/coilFeed' => 'battery'], ['/control/coilFeed' => 'ignition']);
        $absent = ['not there' => 'gone', 'gone' => 'not there'];
        $turned = static fn (array $one): array => [$one[0], $absent[$one[2]] ?? $one[2], $absent[$one[1]] ?? $one[1]];

        self::assertNotSame([], $there->worse);
        self::assertEqualsCanonicalizing(array_map($turned, self::told($there->worse)), self::told($back->better));
        self::assertEqualsCanonicalizing(array_map($turned, self::told($there->better)), self::told($back->worse));
    }

    public function test_the_same_twice_differs_in_nothing(): void
    {
        $compared = self::compared([], []);

        self::assertSame([[], []], [$compared->better, $compared->worse]);
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     */
    private static function compared(array $before, array $after): Comparison
    {
        $summary = static fn (array $changes): ProofSummary => ProofSummary::of(Proof::of(Orchard::sizing($changes), Orchard::shelf()));

        return Comparison::of($summary($before), $summary($after));
    }

    /**
     * @param  list<Difference>  $differences
     * @return list<array{string, string, string}> what, was, is
     */
    private static function told(array $differences): array
    {
        return array_map(
            // A mark is that of the design as it is now: the dash switch is S2 where the ignition switch is S1.
            static fn (Difference $one): array => [
                (string) preg_replace('/\bS\d/', 'S', Orchard::english($one->what)), Orchard::english($one->was), Orchard::english($one->is),
            ],
            $differences,
        );
    }
}
