<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Which room of the core may import from which: each from those before it, never from those after. PHPStan checks it with phpat.
 *
 * The order is the one `bin/rooms` prints. Loom and Road stand beside each other and know nothing of one another.
 */
final class RoomsTest
{
    /** @return iterable<string, Rule> */
    public function test_a_room_imports_only_from_the_rooms_below_it(): iterable
    {
        $above = ['Observation', 'Sizing', 'Scenario', 'Road', 'Proof', 'Loom', 'Handover', 'Diagnosis', 'Plans', 'Exchange'];
        $forbidden = [
            'Message' => ['Parts', 'Network', 'Brief', 'Circuit', 'Operation', ...$above],
            'Network' => ['Message', 'Parts', 'Brief', 'Circuit', 'Operation', ...$above],
            'Parts' => ['Network', 'Brief', 'Circuit', 'Operation', ...$above],
            'Brief' => ['Network', 'Circuit', 'Operation', ...$above],
            'Circuit' => ['Operation', ...$above],
            'Operation' => $above,
            'Observation' => ['Sizing', 'Scenario', 'Road', 'Proof', 'Loom', 'Handover', 'Diagnosis', 'Plans', 'Exchange'],
            'Sizing' => ['Observation', 'Scenario', 'Road', 'Proof', 'Loom', 'Handover', 'Diagnosis', 'Plans', 'Exchange'],
            'Scenario' => ['Observation', 'Road', 'Proof', 'Loom', 'Handover', 'Diagnosis', 'Plans', 'Exchange'],
            'Road' => ['Observation', 'Scenario', 'Proof', 'Loom', 'Handover', 'Diagnosis', 'Plans', 'Exchange'],
            'Proof' => ['Observation', 'Loom', 'Handover', 'Diagnosis', 'Plans', 'Exchange'],
            'Loom' => ['Observation', 'Scenario', 'Road', 'Proof', 'Handover', 'Diagnosis', 'Plans', 'Exchange'],
            'Handover' => ['Proof', 'Loom', 'Diagnosis', 'Plans', 'Exchange'],
            'Diagnosis' => ['Loom', 'Handover', 'Plans', 'Exchange'],
            'Plans' => ['Exchange'],
        ];
        foreach ($forbidden as $room => $others) {
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace("LampThread\\{$room}"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn (string $other) => Selector::inNamespace("LampThread\\{$other}"), $others));
        }
    }

    /** @return iterable<string, Rule> */
    public function test_inside_a_room_too_imports_go_one_way(): iterable
    {
        $forbidden = [
            'Network\Element' => ['Network\NodalAnalysis', 'Network\NodeVoltages', 'Network\Solution'],
            'Circuit\Component' => ['Circuit\Circuit', 'Circuit\Harness', 'Circuit\Wire', 'Circuit\Control'],
            'Circuit\Harness' => ['Circuit\Control'],
            'Circuit\Circuit' => ['Circuit\Control'],
            'Proof\Finding' => ['Proof\Rule', 'Proof\Proof', 'Proof\Findings'],
            'Proof\Rule' => ['Proof\Proof', 'Proof\Findings', 'Proof\SingleFaults'],
        ];
        foreach ($forbidden as $lower => $uppers) {
            foreach ($uppers as $upper) {
                yield "{$lower} and {$upper}" => PHPat::rule()
                    ->classes(Selector::inNamespace("LampThread\\{$lower}"), Selector::classname("LampThread\\{$lower}"))
                    ->shouldNot()->dependOn()
                    ->classes(Selector::inNamespace("LampThread\\{$upper}"), Selector::classname("LampThread\\{$upper}"));
            }
        }
    }

    public function test_the_core_knows_no_framework_and_no_application(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('LampThread'))
            ->excluding(Selector::inNamespace('LampThread\Tests'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Illuminate'), Selector::inNamespace('App'), Selector::inNamespace('Symfony'));
    }

    public function test_only_exchange_reaches_for_the_schema_library(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('LampThread'))
            ->excluding(Selector::inNamespace('LampThread\Exchange'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Opis'));
    }
}
