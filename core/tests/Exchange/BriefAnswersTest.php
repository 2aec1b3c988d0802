<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\BriefSections;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\OverrideTable;
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** What the brief says of itself: its sections in a line each, and what the driver's switches do together. */
final class BriefAnswersTest extends TestCase
{
    public function test_the_table_of_the_switches_is_what_the_circuit_does(): void
    {
        $changes = [
            ...Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']),
            '/control/overrides' => [['kind' => 'cut-out'], ['kind' => 'force-on', 'stages' => ['stage-2']]],
        ];
        $table = Wording::english()->worded(OverrideTable::of(Orchard::sizing($changes)) ?? []);

        self::assertSame(['fan-1', 'fan-2'], $table['fans']);
        self::assertSame([
            [['normal', 'off'], [false, false], [true, true]],
            [['normal', 'on'], [false, true], [true, true]],
            [['cut', 'off'], [false, false], [false, false]],
            [['cut', 'on'], [false, false], [false, false]],
        ], array_map(static fn (array $row): array => [$row['positions'], $row['cold'], $row['hot']], $table['rows']));
        self::assertNull(OverrideTable::of(Orchard::sizing(['/control/overrides' => []])));
    }

    public function test_a_section_counts_what_is_assumed_and_what_is_missing_until_it_is_told(): void
    {
        $sections = static function (array $changes): array {
            $file = Orchard::files()->decode(JobFile::encode(Orchard::file($changes)));

            return array_column(Wording::english()->worded(BriefSections::of(Orchard::brief($changes), $file, VehicleState::Leaves)), null, 'id');
        };
        $untold = $sections(['/job/vehicle' => '', '/fit' => null, '/fans/0/startA' => null]);
        self::assertSame(['the vehicle'], $untold['vehicle']['missing']);
        self::assertSame(['the core’s size'], $untold['fit']['missing']);
        self::assertSame(['radiator starts at 46.5 A'], $untold['fans']['assumed']);

        $told = $sections(['/fans/0/startA' => 45, '/supply/batteryPlace' => 'boot', '/supply/bodyMilliohm' => 4]);
        self::assertSame([], $told['fans']['assumed']);
        self::assertSame([], $told['supply']['assumed']);
        self::assertStringContainsString('in the boot', $told['supply']['summary']);
    }
}
