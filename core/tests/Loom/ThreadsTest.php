<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Wire;
use LampThread\Loom\Drawing;
use LampThread\Loom\Thread;
use LampThread\Loom\ThreadTracer;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ThreadsTest extends TestCase
{
    public function test_the_fan_thread_goes_from_battery_to_earth_by_its_terminal_numbers(): void
    {
        $threads = ThreadTracer::trace(Orchard::sizing()->circuit);
        $numbers = array_map(
            static fn (array $step): string => $step[0]->mark.' '.explode(':', $step[1]->from)[1].' '.explode(':', $step[1]->to)[1],
            $threads[0]->paths(),
        );

        self::assertSame(['F2 1 2', 'K1 30 87', 'XP1 1 +', 'M1 + -', 'XP1 - 2'], $numbers);
        self::assertSame(Rail::SUPPLY, $threads[0]->from);
        self::assertSame('earth-bay:31', $threads[0]->to);
        self::assertSame(['Fan, radiator', 'Trigger, K1', 'Dash override'], array_map(
            static fn (Thread $thread): string => Orchard::english($thread->title()),
            $threads,
        ));
    }

    /** A change-over relay of which only the rest contact is wired is drawn by that: the trigger goes on through 87a, and 87 is no open end. */
    public function test_a_trigger_goes_on_through_a_rest_contact(): void
    {
        foreach ([
            ['/control/lockouts' => ['engineSpeed' => ['rpm' => 4000, 'action' => 'opens-relay-above']]],
            Combination::changes(Combination::deciders()['switch opening when hot'], Combination::loads()['one fan']),
        ] as $changes) {
            $circuit = Orchard::sizing($changes)->circuit;
            $threads = ThreadTracer::trace($circuit);
            $contacts = [];
            foreach ($threads as $thread) {
                foreach ($thread->paths() as [$component, $path]) {
                    if ($component instanceof Relay && $path->symbol === Symbol::RestContact) {
                        $contacts[] = explode(':', $path->to)[1];
                        self::assertStringStartsWith('earth', $thread->to, 'it leads to earth');
                    }
                }
            }

            self::assertSame(['87a'], $contacts);
            self::assertSame([], array_filter(Drawing::of($circuit, Drawing::WIDE)['threads'], static fn (array $thread): bool => $thread['end']['kind'] === 'open'));
        }
    }

    /** What stands beside each other is read: a thread of many parts goes on in a row of its own, from the letter the first ends at. */
    public function test_a_long_thread_goes_on_in_another_row(): void
    {
        $lockout = ['engineSpeed' => ['rpm' => 4000, 'action' => 'opens-relay-above'], 'cranking' => true];
        $found = Orchard::file();
        $circuit = Orchard::sizing(['/control/lockouts' => $lockout, '/found' => ['fans' => $found['fans'], 'control' => [...$found['control'], 'overrides' => []]]])->circuit;
        $items = array_map(static fn (Thread $thread): int => count($thread->paths()) + count($thread->splices($circuit)), ThreadTracer::trace($circuit));
        self::assertNotSame([], array_filter($items, static fn (int $count): bool => $count > 8), 'one is too long for a row');
        foreach ([Drawing::WIDE, Drawing::NARROW] as $width) {
            $rows = Drawing::of($circuit, $width)['threads'];
            foreach ($rows as $row) {
                $at = array_column($row['items'], 'x');
                for ($item = 1; $item < count($at); $item++) {
                    self::assertGreaterThanOrEqual(75, $at[$item] - $at[$item - 1], $row['id']);
                }
            }
            $starts = array_map(static fn (array $row): string => $row['start']['label'], $rows);
            foreach ($rows as $row) {
                self::assertTrue($row['end']['kind'] !== 'joint' || array_intersect([$row['end']['label']], [...$starts, ...self::lettered($rows)]) !== []);
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<string> letters at terminals of the drawing
     */
    private static function lettered(array $rows): array
    {
        return array_values(array_filter(array_column(array_merge(...array_column(array_merge(...array_column($rows, 'items')), 'terminals')), 'joint')));
    }

    /** @param  array<string, mixed>  $changes */
    #[TestWith([[]])]
    #[TestWith([['/control/stages/0/side' => 'supply']])]
    #[TestWith([['/control/feedRelay' => true, '/control/lockouts' => ['engineSpeed' => ['rpm' => 4000, 'action' => 'opens-relay-above'], 'cranking' => true]]])]
    #[TestWith([['/control/stages/0/decider/place' => 'engine-outlet', '/control/overrides' => []]])]
    public function test_every_wire_is_drawn_once(array $changes): void
    {
        $circuit = Orchard::sizing($changes)->circuit;
        $drawn = [];
        foreach (Drawing::of($circuit, Drawing::NARROW)['threads'] as $thread) {
            foreach ($thread['wires'] as $wire) {
                self::assertGreaterThan($wire['x1'], $wire['x2'], 'a wire runs to the right');
                $drawn[] = $wire['wire'];
            }
        }
        $drawn = array_values(array_filter($drawn));
        sort($drawn);
        $laid = array_map(static fn (Wire $wire): string => $wire->id, $circuit->wires);
        sort($laid);

        self::assertSame($laid, $drawn);
    }

    public function test_a_switch_without_earth_ends_in_an_open_end(): void
    {
        $drawing = Drawing::of(Orchard::sizing(['/control/stages/0/decider/earthLead' => false])->circuit, Drawing::WIDE);

        self::assertSame(['earth', 'open', 'earth'], array_map(static fn (array $thread): string => $thread['end']['kind'], $drawing['threads']));
    }

    public function test_a_thread_that_branches_off_starts_at_a_lettered_joint(): void
    {
        $threads = Drawing::of(Orchard::sizing()->circuit, Drawing::WIDE)['threads'];

        self::assertSame(['kind' => 'joint', 'label' => 'a'], array_intersect_key($threads[2]['start'], ['kind' => 1, 'label' => 1]));
        self::assertSame('fan-1-relay:85', $threads[2]['start']['terminal']['id']);
        self::assertContains('a', array_column(array_merge(...array_column($threads[1]['items'], 'terminals')), 'joint'));
    }
}
