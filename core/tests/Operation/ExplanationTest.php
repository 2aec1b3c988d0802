<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Operation\Explanation;
use LampThread\Operation\Solver;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the lamp says beside the voltage. */
final class ExplanationTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, OperatingConditions, string, string}> */
    public static function terminals(): iterable
    {
        $cold = new OperatingConditions(Key::Run, 850, 20);
        $hot = new OperatingConditions(Key::Run, 850, 100);
        yield 'feed of the relay, cold' => [
            [],
            $cold,
            'fan-1-relay:30',
            'Live from battery + through F2. Nothing beyond it leads to earth, so no current flows.',
        ];
        yield 'motor, cold' => [
            [],
            $cold,
            'fan-1:+',
            'At earth through M1, XP1, X1. Nothing feeds it.',
        ];
        yield 'motor, hot' => [
            [],
            $hot,
            'fan-1:+',
            'Live from battery + through F2, K1, XP1, and feeding what lies beyond.',
        ];
        yield 'return of the motor, hot' => [
            [],
            $hot,
            'fan-1:-',
            'At earth through XP1, X1, carrying what comes from above.',
        ];
        yield 'trigger, cold: live through the coil' => [
            [],
            $cold,
            'fan-1-relay:85',
            'Live from battery + through FV1, S1, F1, K1. Nothing beyond it leads to earth, so no current flows.',
        ];
        yield 'trigger, hot: at earth through the switch' => [
            [],
            $hot,
            'fan-1-relay:85',
            'At earth through B1, X2, carrying what comes from above.',
        ];
        yield 'supply side, trigger, cold' => [
            ['/control/stages/0/side' => 'supply'],
            $cold,
            'fan-1-relay:86',
            'At earth through K1, X1. Nothing feeds it.',
        ];
        yield 'adapter in rubber, cold' => [
            ['/control/stages/0/decider/earthLead' => false],
            $cold,
            'stage-1-switch:2',
            'Joined to nothing: everything on both sides of it is open.',
        ];
        yield 'adapter in rubber, hot' => [
            ['/control/stages/0/decider/earthLead' => false],
            $hot,
            'stage-1-switch:2',
            'Live from battery + through FV1, S1, F1, K1, B1. Nothing beyond it leads to earth, so no current flows.',
        ];
        // Not by way of the fan and the earth they share: current goes down, never up.
        yield 'a probe between its pull-up and its return' => [
            ['/control/stages/0/decider' => Combination::deciders()['electronic, to earth']],
            $hot,
            'stage-1-switch:S1',
            'Between: fed from battery + through FV1, S1, F1, B1, held to earth through XP2, B2, XP2, B1, X1.',
        ];
        yield 'key out' => [
            [],
            new OperatingConditions,
            'coil-fuse:2',
            'Joined to nothing: everything on both sides of it is open.',
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('terminals')]
    public function test_it_names_what_the_terminal_is_joined_to(
        array $changes,
        OperatingConditions $setting,
        string $terminal,
        string $says,
    ): void {
        $point = (new Solver(Orchard::sizing($changes)->circuit))->settle($setting);

        self::assertSame($says, Orchard::english(Explanation::of($point)->at($terminal)));
    }
}
