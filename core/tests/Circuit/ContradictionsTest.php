<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Message\InvalidInput;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What does not stand together is refused at its place, with a reason that leads on to something that is taken. */
final class ContradictionsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, string, array<string, mixed>}> control, place, code of the reason, and what mends it */
    public static function refused(): iterable
    {
        $decider = Combination::deciders();
        $load = Combination::loads();
        $make = Combination::changes(...);
        $two = $make($decider['switch closing when hot'], $load['two at two temperatures']);
        $one = $make($decider['switch closing when hot'], $load['one fan']);
        $pair = $make($decider['switch closing when hot'], $load['series and parallel']);
        $on = ['kind' => 'force-on'];
        $three = ['kind' => 'three-position'];
        yield 'automatic of one switch against on of another' => [
            [...$two, '/control/overrides' => [$three, $on]], '/control/overrides/1/kind', 'refusal.overrides-contradict',
            ['/control/overrides' => [[...$three, 'stages' => ['stage-2']], [...$on, 'stages' => ['stage-1']]]],
        ];
        yield 'two of a kind for one fan' => [
            [...$two, '/control/overrides' => [$on, $on]], '/control/overrides/1/kind', 'refusal.override-twice',
            ['/control/overrides' => [$on, [...$on, 'stages' => ['stage-2']]]],
        ];
        yield 'two change-overs in one lead' => [
            [...$one, '/control/overrides' => [['kind' => 'change-over'], ['kind' => 'change-over-both']]], '/control/overrides/1/kind', 'refusal.changed-over-twice',
            ['/control/overrides' => [['kind' => 'change-over-both']]],
        ];
        $passing = ['/control/stages/0/decider' => [...$decider['switch closing, in a hose'], 'feedThroughBody' => true]];
        yield 'a feed through a body that is the earth' => [
            [...$one, ...$passing], '/control/stages/0/decider/feedThroughBody', 'refusal.feed-through-body-on-earth-side', ['/control/stages/0/side' => 'supply'],
        ];
        yield 'a feed through a body screwed into the engine' => [
            [...$one, ...$passing, '/control/stages/0/side' => 'supply', '/control/stages/0/decider/place' => 'engine-outlet'],
            '/control/stages/0/decider/feedThroughBody', 'refusal.feed-through-earthed-body', ['/control/stages/0/decider/place' => 'bottom-hose'],
        ];
        yield 'a stage there is not' => [
            [...$two, '/control/overrides' => [[...$on, 'stages' => ['stage-3']]]], '/control/overrides/0/stages/0', 'refusal.no-such-stage',
            ['/control/overrides' => [[...$on, 'stages' => ['stage-2']]]],
        ];
        yield 'a cut-out for one fan of two' => [
            [...$two, '/control/overrides' => [['kind' => 'cut-out', 'stages' => ['stage-2']]]], '/control/overrides/0/kind', 'refusal.cut-out-stops-all',
            ['/control/overrides' => [['kind' => 'cut-out']]],
        ];
        yield 'air conditioning that asks for high without low' => [
            [...$pair, '/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'interposing-relay', 'stages' => ['stage-2']]],
            '/control/airConditioning/trigger', 'refusal.high-of-a-pair-needs-low',
            ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'interposing-relay', 'stages' => ['stage-1', 'stage-2']]],
        ];
        yield 'the clutch wire joined to two triggers' => [
            [
                ...$make($decider['switch closing when hot'], $load['two at two temperatures'], 'supply'),
                '/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'joined', 'stages' => ['stage-1', 'stage-2']],
            ],
            '/control/airConditioning/trigger', 'refusal.joins-triggers',
            ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'diode', 'stages' => ['stage-1', 'stage-2']]],
        ];
        yield 'an output to earth into an input that wants a positive' => [
            [
                ...$make($decider['stepless'], $load['one fan']),
                '/control/airConditioning' => ['compressor' => 'variable', 'trigger' => 'computer-into-controller'],
            ],
            '/control/airConditioning/trigger', 'refusal.computer-output-is-earth',
            ['/control/airConditioning' => ['compressor' => 'variable', 'trigger' => 'pressure-into-controller']],
        ];
        yield 'a controller beside a switch' => [
            [...$one, '/control/stages/0/parallel' => [$decider['stepless']]], '/control/stages/0/parallel/0/kind', 'refusal.cannot-join',
            ['/control/stages/0/parallel' => [$decider['hand']]],
        ];
        yield 'a dash switch that carries the fan, and a relay in the minus' => [
            [...$make($decider['hand, carrying the fan'], $load['one fan']), '/control/stages/0/relayLead' => 'minus'],
            '/control/stages/0/decider/isDirect', 'refusal.carries-fan-without-relay', ['/control/stages/0/relayLead' => 'plus'],
        ];
        yield 'a lockout in the trigger of a controller' => [
            [...$make($decider['stepless'], $load['one fan']), '/control/lockouts' => ['engineSpeed' => ['rpm' => 4000]]],
            '/control/lockouts/engineSpeed', 'refusal.no-trigger-to-open', ['/control/lockouts' => ['engineSpeed' => ['rpm' => 4000, 'isInFeed' => true]]],
        ];
        $scaled = $make([...$decider['capillary'], 'leastC' => 70, 'mostC' => 85], $load['one fan']);
        $onScale = ['/control/stages/0/decider/onC' => 85, '/control/stages/0/decider/offC' => 80];
        yield 'a set point off the scale' => [$scaled, '/control/stages/0/decider/onC', 'refusal.off-the-scale', $onScale];
        yield 'a scale the wrong way round' => [
            [...$scaled, '/control/stages/0/decider/leastC' => 90], '/control/stages/0/decider/mostC', 'refusal.scale-ends', ['/control/stages/0/decider/mostC' => 110],
        ];
        yield 'a zone the plan does not have' => [
            [...$one, '/plan' => ['shape' => 'machine', 'places' => ['battery' => 'boot']]], '/plan/places/battery', 'refusal.no-such-zone',
            ['/plan/places/battery' => 'seat'],
        ];
        yield 'a candidate that starts on less than it runs on' => [
            [...$one, '/candidates' => [['name' => 'x', 'diameterMm' => 300, 'depthMm' => 60, 'ratedV' => 13, 'runA' => 9, 'startA' => 5, 'flowM3h' => 1000]]],
            '/candidates/0/startA', 'refusal.start-current-below-running', ['/candidates/0/startA' => null],
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, mixed>  $mend
     */
    #[DataProvider('refused')]
    public function test_it_is_refused_with_a_reason_and_what_the_reason_names_is_taken(array $changes, string $at, string $code, array $mend): void
    {
        try {
            Orchard::brief($changes);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            $told = [];
            foreach ($refused->problems as $problem) {
                $told[$problem->at] = $problem->message->code;
                self::assertNotSame('', Orchard::english($problem->message));
            }
            self::assertSame($code, $told[$at] ?? null, $refused->getMessage());
        }
        self::assertNotEmpty(Orchard::sizing([...$changes, ...$mend])->circuit->components);
    }

    public function test_the_nearest_set_point_that_works_is_told_and_which_way_to_turn(): void
    {
        $scale = ['leastC' => 70, 'mostC' => 110];
        $capillary = [...Combination::deciders()['capillary'], ...$scale];
        foreach (['hotter' => 0.55, 'cooler' => 0.45] as $sense => $share) {
            $decider = Orchard::brief(Combination::changes([...$capillary, 'clockwise' => $sense], Combination::loads()['one fan']))->control->stages[0]->decider;
            self::assertEqualsWithDelta($share, $decider->scale()?->clockwiseShare(92.0), 1e-9);
        }
        try {
            Orchard::brief(Combination::changes([...$capillary, 'onC' => 115, 'offC' => 108], Combination::loads()['one fan']));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertStringContainsString('110 °C', Orchard::english($refused->problems[0]->message));
        }
    }
}
