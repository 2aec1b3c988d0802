<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Message\InvalidInput;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Proof;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The mistakes the trade knows (common practice, no source): each is built and must be found, and its corrected twin must not be. */
final class TradeMistakesTest extends TestCase
{
    private const DECIDER = '/control/stages/0/decider';

    private const GEARS = ['axleRatio' => 4.11, 'gearRatios' => [3.5, 1], 'tyreM' => 0.66];

    /** @return iterable<string, array{string, array<string, mixed>, array<string, mixed>}> finding, the mistake, its corrected twin */
    public static function mistakes(): iterable
    {
        $make = Combination::changes(...);
        $decider = Combination::deciders();
        $load = Combination::loads();
        $ac = Combination::airConditioning();
        $relayed = $make($decider['switch closing when hot'], $load['one fan'], 'earth', $ac['separate-relay'], Combination::overrides()['force-on']);
        $two = $make($decider['hand'], $load['two at two temperatures']);
        $speeds = $make($decider['switch closing when hot'], $load['dropping resistor']);
        $direct = $make([...$decider['switch carrying the fan'], 'ratedA' => 6], $load['one fan']);

        yield 'fuse raised without a bigger wire' => [
            'fuse-over-wire',
            ['/pinned/fan-1-fuse' => 'blade-40', '/pinned/fan-1-wire' => 'metric-2.5'],
            ['/pinned/fan-1-fuse' => 'blade-40', '/pinned/fan-1-wire' => 'metric-10'],
        ];
        yield 'a 24 V fan on 12 V' => ['fan-of-other-voltage', ['/fans/0/ratedV' => 26], ['/fans/0/ratedV' => 13]];
        yield 'a start that is hardly above running' => ['start-current-unlikely', ['/fans/0/startA' => 16.1], ['/fans/0/startA' => 46]];
        yield 'a trigger wire behind a 40 A fuse' => ['trigger-fuse-too-large', ['/pinned/coil-fuse' => 'blade-40'], ['/pinned/coil-fuse' => 'blade-5']];
        yield 'fan fed through a thermal switch that is not rated for it' => [
            'switch-over-rating', $direct, [...$direct, self::DECIDER => [...$decider['switch carrying the fan'], 'ratedA' => 20]],
        ];
        yield 'relay at its limit in a hot bay' => [
            'relay-over-rating', ['/pinned/fan-1-relay' => 'micro-20-12v'], ['/pinned/fan-1-relay' => 'power-70-12v'],
        ];
        yield 'fuse far from the battery' => ['unfused-length', ['/runs/battery-to-fuse/lengthM' => 0.8], ['/runs/battery-to-fuse/lengthM' => 0.15]];
        yield 'a metre of thin wire from the starter to the coil fuse' => [
            'unfused-length',
            ['/control/coilFeed' => 'starter-terminal', '/runs/feed-to-fuse' => ['lengthM' => 1]],
            ['/control/coilFeed' => 'starter-terminal', '/runs/feed-to-fuse' => ['lengthM' => 0.2]],
        ];
        yield 'the second fan’s own feed, fused far from the battery' => [
            'unfused-length', [...$two, '/runs/battery-to-fuse@fan-2-wire' => ['lengthM' => 0.21]], [...$two, '/runs/battery-to-fuse@fan-2-wire' => ['lengthM' => 0.2]],
        ];
        yield 'a circuit without a fuse, tapped' => [
            'unfused-length',
            ['/control/tappedFuseA' => 0, '/runs/feed-to-fuse' => ['lengthM' => 1]],
            ['/control/tappedFuseA' => 5, '/runs/feed-to-fuse' => ['lengthM' => 1]],
        ];
        yield 'a metre of thin wire behind a fuse of 30 A' => [
            'under-fused-length',
            ['/control/tappedFuseA' => 30, '/runs/feed-to-fuse' => ['lengthM' => 1]],
            ['/control/tappedFuseA' => 30, '/runs/feed-to-fuse' => ['lengthM' => 0.2]],
        ];
        yield 'no fuse on one of two feeds joined at the fan' => [
            'feed-without-fuse', [...$relayed, '/pinned/fan-1-air-conditioning-fuse' => 'no-fuse'], $relayed,
        ];
        yield 'an air conditioning with which no fan runs' => [
            'condenser-without-air', ['/control/airConditioning' => $ac['nothing']], ['/control/airConditioning' => $ac['separate-relay']],
        ];
        yield 'off below the thermostat’s opening' => ['off-below-thermostat', [self::DECIDER.'/offC' => 77], [self::DECIDER.'/offC' => 84]];
        yield 'on below it' => [
            'on-below-thermostat', [self::DECIDER.'/onC' => 80, self::DECIDER.'/offC' => 75], [self::DECIDER.'/onC' => 92, self::DECIDER.'/offC' => 86],
        ];
        yield 'second stage not above the first' => [
            'stages-out-of-order',
            [
                ...$two,
                self::DECIDER => $decider['switch closing when hot'],
                '/control/stages/1/decider' => [...$decider['switch closing when hot'], 'onC' => 91],
            ],
            [
                ...$two,
                self::DECIDER => $decider['switch closing when hot'],
                '/control/stages/1/decider' => [...$decider['switch closing when hot'], 'onC' => 97, 'offC' => 92],
            ],
        ];
        yield 'sensor in a branch with no flow' => [
            'sensor-in-still-coolant', [self::DECIDER.'/coolantStands' => true], [self::DECIDER.'/coolantStands' => false],
        ];
        yield 'a second switch in a branch with no flow' => [
            'sensor-in-still-coolant',
            ['/control/stages/0/parallel' => [[...$decider['switch closing when hot'], 'onC' => 97, 'offC' => 92, 'coolantStands' => true]]],
            ['/control/stages/0/parallel' => [[...$decider['switch closing when hot'], 'onC' => 97, 'offC' => 92, 'coolantStands' => false]]],
        ];
        yield 'a second switch that comes when the ceiling is passed' => [
            'on-above-ceiling',
            ['/control/stages/0/parallel' => [[...$decider['switch closing when hot'], 'onC' => 108, 'offC' => 100]]],
            ['/control/stages/0/parallel' => [[...$decider['switch closing when hot'], 'onC' => 102, 'offC' => 97]]],
        ];
        yield 'a fan that comes on just below the ceiling' => [
            'on-late', [self::DECIDER.'/onC' => 104.5, self::DECIDER.'/offC' => 98], [self::DECIDER.'/onC' => 104, self::DECIDER.'/offC' => 98],
        ];
        yield 'a small fan on nine tonnes' => [
            'drive-past-ceiling', ['/heat' => ['ratedKw' => 180], '/roadLoad' => ['massKg' => 9000]], ['/heat' => ['ratedKw' => 80], '/roadLoad' => ['massKg' => 1400]],
        ];
        yield 'a fuse of 30 A before a fan of 4 A' => [
            'fuse-larger-than-needed',
            ['/fans/0/runA' => 4, '/fans/0/startA' => 12, '/pinned/fan-1-fuse' => 'blade-15'],
            ['/fans/0/runA' => 4, '/fans/0/startA' => 12, '/pinned/fan-1-fuse' => 'blade-10'],
        ];
        yield 'a battery that drives more through a short than a blade fuse breaks' => [
            'fuse-breaking-capacity',
            ['/supply/chargingV' => 14.2, '/supply/batteryMilliohm' => 7, '/pinned/fan-1-fuse' => 'blade-25'],
            ['/supply/chargingV' => 14.2, '/supply/batteryMilliohm' => 14.2, '/pinned/fan-1-fuse' => 'blade-25'],
        ];
        yield 'hose adapter with no earth' => ['hose-adapter-no-earth', [self::DECIDER.'/earthLead' => false], [self::DECIDER.'/earthLead' => true]];
        $inHose = [...$decider['switch closing, in a hose'], 'onC' => 92, 'offC' => 86];
        yield 'a feed through the bare body of a hose adapter' => [
            'adapter-body-live',
            ['/control/stages/0/side' => 'supply', self::DECIDER => [...$inHose, 'feedThroughBody' => true]],
            ['/control/stages/0/side' => 'supply', self::DECIDER => $inHose],
        ];
        yield 'the same of a second switch' => [
            'adapter-body-live',
            ['/control/stages/0/side' => 'supply', '/control/stages/0/parallel' => [[...$inHose, 'feedThroughBody' => true]]],
            ['/control/stages/0/side' => 'supply', '/control/stages/0/parallel' => [$inHose]],
        ];
        yield 'a relay for 12 V in a vehicle of 24 V' => [
            'coil-over-voltage',
            [...SoundJobs::all()['24 V, 8 A'], '/pinned/fan-1-relay' => 'mini-40-12v'], [...SoundJobs::all()['24 V, 8 A'], '/pinned/fan-1-relay' => 'mini-30-24v'],
        ];
        $byHand = [...SoundJobs::job(12, [['runA' => 14, 'startA' => 42]], 2), '/control/overrides' => [], '/control/stages/0/side' => 'supply'];
        yield 'a dash switch for 10 A that carries a fan of 14 A' => [
            'switch-over-rating',
            [...$byHand, self::DECIDER => ['kind' => 'hand', 'isDirect' => true, 'ratedA' => 10]],
            [...$byHand, self::DECIDER => ['kind' => 'hand', 'isDirect' => true, 'ratedA' => 16]],
        ];
        yield 'lockout that kills the fan in a slow climb' => [
            'lockout-in-climb',
            ['/control/lockouts' => ['engineSpeed' => ['rpm' => 2000]], '/driveline' => self::GEARS],
            ['/control/lockouts' => ['engineSpeed' => ['rpm' => 4500]], '/driveline' => self::GEARS],
        ];
        yield 'after-run that flattens the battery' => [
            'after-run-flattens', ['/control/afterRun' => ['delayS' => 300], '/supply/batteryAh' => 3], [
                '/control/afterRun' => ['delayS' => 240], '/supply/batteryAh' => 70,
            ],
        ];
        yield 'clutch fed backwards' => [
            'clutch-fed-backwards',
            ['/control/stages/0/side' => 'supply', '/control/airConditioning' => $ac['joined']],
            ['/control/stages/0/side' => 'supply', '/control/airConditioning' => $ac['diode']],
        ];
        yield 'fan running while cranking' => ['runs-while-cranking', ['/control/coilFeed' => 'ignition'], ['/control/coilFeed' => 'accessory']];
        yield 'override with no indication' => ['override-not-indicated', [], ['/control/overrides/0/indicator' => true]];
        yield 'pusher wired as a puller' => [
            'fan-blows-backwards',
            ['/fans/0/mount' => 'pusher', '/fans/0/madeFor' => 'puller', '/fans/0/bladeFlipped' => true],
            ['/fans/0/mount' => 'pusher', '/fans/0/madeFor' => 'puller', '/fans/0/bladeFlipped' => true, '/fans/0/polarityReversed' => true],
        ];
        yield 'leads exchanged on a fan that is mounted as it was made' => [
            'fan-blows-backwards', ['/fans/0/polarityReversed' => true], ['/fans/0/polarityReversed' => false],
        ];
        yield 'blade left as it was' => [
            'blade-wrong-way-round',
            ['/fans/0/mount' => 'pusher', '/fans/0/madeFor' => 'puller', '/fans/0/polarityReversed' => true],
            ['/fans/0/mount' => 'pusher', '/fans/0/madeFor' => 'pusher'],
        ];
        yield 'earth return thinner than the feed' => [
            'return-thinner', ['/runs/fan-to-earth/conductor' => 'metric-1'], ['/runs/fan-to-earth/conductor' => 'metric-10'],
        ];
        yield 'low and high exchanged' => [
            'low-and-high-exchanged',
            [...$speeds, self::DECIDER => [...$decider['switch closing when hot'], 'onC' => 99, 'offC' => 94]],
            $speeds,
        ];
        yield 'relay fed through its own rest contact' => [
            'relay-chatters',
            $make($decider['switch opening when hot'], $load['one fan'], 'supply', $ac['diode'], Combination::overrides()['cut-out']),
            $make($decider['switch opening when hot'], $load['one fan'], 'supply', $ac['none'], Combination::overrides()['cut-out']),
        ];
        yield 'cut-out that the after-run runs past' => [
            'not-held-off',
            ['/control/overrides' => [['kind' => 'cut-out', 'indicator' => true]], '/control/afterRun' => ['delayS' => 200]],
            ['/control/overrides' => [['kind' => 'cut-out', 'indicator' => true]], '/control/afterRun' => ['delayS' => 200, 'startedBy' => 'push']],
        ];
        yield 'coil fed from the battery by mistake' => ['runs-with-key-out', ['/control/coilFeed' => 'battery'], ['/control/coilFeed' => 'accessory']];
        yield 'ceiling reached before the fan' => ['on-above-ceiling', [self::DECIDER.'/onC' => 110], [self::DECIDER.'/onC' => 92]];
        yield 'battery that drains in a queue' => ['idle-shortfall', ['/supply/alternatorIdleA' => 15], ['/supply/alternatorIdleA' => 60]];
    }

    /**
     * @param  array<string, mixed>  $mistake
     * @param  array<string, mixed>  $corrected
     */
    #[DataProvider('mistakes')]
    public function test_the_mistake_is_found_and_its_corrected_twin_is_not(string $code, array $mistake, array $corrected): void
    {
        self::assertContains($code, self::codes($mistake));
        self::assertNotContains($code, self::codes($corrected));
    }

    public function test_a_variable_compressor_as_trigger_is_refused_with_the_reason(): void
    {
        try {
            Orchard::brief(['/control/airConditioning' => ['compressor' => 'variable', 'trigger' => 'separate-relay']]);
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertSame('refusal.variable-compressor', $unusable->problems[0]->message->code);
        }
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<string> of findings that no single fault is needed for
     */
    private static function codes(array $changes): array
    {
        return array_map(static fn (Finding $finding): string => $finding->code, Proof::of(Orchard::sizing($changes), Orchard::shelf(), isQuick: true)->findings);
    }
}
