<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Exchange\Arrangements;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Tests\Orchard;

/**
 * Vehicles as they come: each a whole job, and by hand what each fan is fed through in each state. A state is written as key, coolant in °C
 * and what is set: ‘run 95 override=on’; a fan's answer is the fuse its current comes through, or null where it stands.
 */
final class RealArrangements
{
    private const ORIGINAL = ['isRelayReplaced' => false];

    private const COMPUTER = ['kind' => 'original', 'output' => 'engine computer', 'onC' => 96, 'offC' => 91, 'place' => 'engine-outlet'];

    private const SWITCH = [
        'kind' => 'thermal-switch', 'action' => 'closes-when-hot', 'onC' => 92, 'offC' => 87, 'place' => 'radiator-inlet',
    ];

    private const FEED = 'fan-1-fuse';

    private const FEED_2 = 'fan-2-fuse';

    /** @return iterable<string, array{array<string, mixed>, array<string, array<string, string|null>>}> */
    public static function all(): iterable
    {
        yield from self::gallery();
        yield from self::original();
        yield from self::feeds();
        yield from self::overrides();
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, array<string, string|null>>}> those a job can start from */
    private static function gallery(): iterable
    {
        $one = static fn (?string $fuse): array => ['fan-1' => $fuse];
        $both = static fn (?string $first, ?string $second): array => ['fan-1' => $first, 'fan-2' => $second];
        $truths = [
            'one-fan-switch' => [
                'run 20' => $one(null), 'run 95' => $one('fan-1-fuse'), 'run 20 override=on' => $one('fan-1-fuse'), 'off 95 override=on' => $one(null),
            ],
            'one-fan-thermostat' => ['off 20' => $one(null), 'off 95' => $one('fan-1-fuse'), 'run 95' => $one('fan-1-fuse')],
            'one-fan-clutch-relay' => [
                'run 20' => $one(null), 'run 20 air-conditioning=on' => $one('fan-1-air-conditioning-fuse'), 'off 20 air-conditioning=on' => $one(null),
            ],
            'two-fans-two-temperatures' => [
                'run 92' => $both('fan-1-fuse', null), 'run 99' => $both('fan-1-fuse', 'fan-2-fuse'),
                'run 20 air-conditioning=on' => $both('fan-1-fuse', 'fan-2-fuse'),
            ],
            'two-fans-stepless' => [
                'run 20' => $both(null, null), 'run 110' => $both('fan-1-fuse', 'fan-1-fuse'), 'run 20 pressure=high' => $both('fan-1-fuse', 'fan-1-fuse'),
                'off 110 pressure=high' => $both(null, null),
            ],
            'one-fan-two-speeds' => [
                'run 20' => $one(null), 'run 94' => $one('fan-1-fuse'), 'run 20 override=high' => $one('fan-1-fuse'), 'off 110' => $one(null),
            ],
            'computer-series-parallel' => [
                'run 99' => $both('fan-1-fuse', 'fan-1-fuse'), 'run 110' => $both('fan-1-fuse', 'fan-2-fuse'),
                'run 20 air-conditioning=on' => $both('fan-1-fuse', 'fan-1-fuse'), 'crank 110' => $both(null, null),
            ],
            'computer-two-outputs' => [
                'run 99' => $both('fan-1-fuse', null), 'run 110' => $both('fan-1-fuse', 'fan-2-fuse'), 'run 20 air-conditioning=on' => $both('fan-1-fuse', null),
            ],
            'original-earlier-switch' => [
                'run 85' => $one(null), 'run 90' => $one(self::FEED), 'run 20 override=on' => $one(self::FEED), 'off 110 override=on' => $one(null),
            ],
            'original-after-run' => [
                'run 20' => $one(null), 'run 97' => $one(self::FEED), 'off 20 t=10' => $one(self::FEED), 'off 97 t=240' => $one(null),
            ],
            'original-change-over' => [
                'run 100' => $both(self::FEED, self::FEED), 'run 20 override=on' => $both('fan-1-override-fuse', 'fan-2-override-fuse'),
                'run 100 override=on' => $both('fan-1-override-fuse', 'fan-2-override-fuse'), 'off 100 override=on' => $both(null, null),
            ],
            'original-plug-low-high' => [
                'run 100' => $one(self::FEED), 'run 20 override=low' => $one('fan-1-override-fuse'), 'run 20 override=high' => $one('fan-1-override-fuse'),
                'run 20' => $one(null),
            ],
            'original-switch-taken-over' => ['run 20' => $one(null), 'run 90' => $one(self::FEED), 'off 110' => $one(null)],
            'original-relays-replaced' => [
                'run 98' => $both(self::FEED, null), 'run 104' => $both(self::FEED, self::FEED_2), 'off 104' => $both(null, null),
            ],
            'condenser-fan-of-its-own' => [
                'run 20 pressure=high' => $both(null, 'fan-2-fuse'), 'run 95' => $both('fan-1-fuse', null), 'off 20 pressure=high' => $both(null, null),
            ],
        ];
        foreach (Arrangements::all() as $arrangement) {
            $start = json_decode((string) file_get_contents(__DIR__.'/../../data/start.lampthread.json'), true, flags: JSON_THROW_ON_ERROR);
            yield $arrangement['id'] => [JobDocument::of($start)->arranged($arrangement['id'])->file, $truths[$arrangement['id']]];
        }
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, array<string, string|null>>}> the vehicle's own wiring, more of it */
    private static function original(): iterable
    {
        yield 'two original fans on one relay; the clutch wire joins its trigger by a small relay' => [
            self::job(2, [self::stage(1, [1, 2], self::COMPUTER, ['original' => self::ORIGINAL])], [
                'airConditioning' => ['compressor' => 'clutch', 'trigger' => 'interposing-relay'],
            ]),
            [
                'run 20' => ['fan-1' => null, 'fan-2' => null], 'run 100' => ['fan-1' => self::FEED, 'fan-2' => self::FEED],
                'run 20 air-conditioning=on' => ['fan-1' => self::FEED, 'fan-2' => self::FEED],
            ],
        ];
        yield 'two original relays make two speeds; automatic, low, high joins both triggers' => [
            self::job(1, [
                self::stage(1, [1], [...self::COMPUTER, 'output' => 'low'], ['original' => self::ORIGINAL]),
                self::stage(2, [1], [...self::COMPUTER, 'output' => 'high', 'onC' => 102, 'offC' => 97], ['original' => self::ORIGINAL]),
            ], ['speeds' => 'dropping-resistor', 'overrides' => [['kind' => 'low-high']]]),
            [
                'run 98' => ['fan-1' => self::FEED], 'run 104' => ['fan-1' => self::FEED], 'run 20 override=low' => ['fan-1' => self::FEED],
                'run 20 override=high' => ['fan-1' => self::FEED],
            ],
        ];
        yield 'the sensor of the original computer is opened' => [
            self::job(1, [self::stage(1, [1], [...self::COMPUTER, 'openReadsHot' => true], ['original' => self::ORIGINAL])], [
                'overrides' => [['kind' => 'sensor-open']],
            ]),
            ['run 20 override=on' => ['fan-1' => self::FEED], 'run 20' => ['fan-1' => null], 'off 20 override=on' => ['fan-1' => null]],
        ];
        yield 'a cut-out for water in the original trigger, a switch that runs it beside' => [
            self::job(1, [self::stage(1, [1], self::COMPUTER, ['original' => self::ORIGINAL])], [
                'overrides' => [['kind' => 'cut-out'], ['kind' => 'force-on']],
            ]),
            [
                'run 100 override=cut' => ['fan-1' => null], 'run 100' => ['fan-1' => self::FEED], 'run 20 override-2=on' => ['fan-1' => self::FEED],
                'run 20 override=cut override-2=on' => ['fan-1' => null],
            ],
        ];
        yield 'an original relay worked by its feed, with a thermostat that has a feed of its own beside it' => [
            self::job(1, [self::stage(1, [1], self::COMPUTER, [
                'original' => self::ORIGINAL, 'side' => 'supply',
                'parallel' => [['kind' => 'thermostat', 'output' => 'dry-contact', 'onC' => 85, 'offC' => 80, 'place' => 'core-inlet']],
            ])]),
            ['run 82' => ['fan-1' => null], 'run 87' => ['fan-1' => self::FEED], 'run 100' => ['fan-1' => self::FEED], 'off 100' => ['fan-1' => null]],
        ];
        yield 'the amplifier that was there, off while the engine is fast' => [
            self::job(1, [self::stage(1, [1], [...self::COMPUTER, 'output' => 'amplifier'], ['original' => self::ORIGINAL])], [
                'lockouts' => ['engineSpeed' => ['rpm' => 4000]],
            ]),
            ['run 100' => ['fan-1' => self::FEED], 'run 100 rpm=4500' => ['fan-1' => null]],
        ];
        yield 'the original fan stays, a second one is added' => [
            self::job(2, [
                self::stage(1, [1], self::COMPUTER, ['original' => self::ORIGINAL]), self::stage(2, [2], [...self::SWITCH, 'onC' => 100, 'offC' => 95]),
            ]),
            ['run 97' => ['fan-1' => self::FEED, 'fan-2' => null], 'run 104' => ['fan-1' => self::FEED, 'fan-2' => 'fan-2-fuse']],
        ];
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, array<string, string|null>>}> where the current comes from and where it is switched */
    private static function feeds(): iterable
    {
        yield 'battery in the boot, fed from the starter’s terminal, coils from a stud' => [
            [...self::job(1, [self::stage(1, [1], self::SWITCH)], ['feed' => 'starter-terminal', 'coilFeed' => 'fuse-box-stud']), 'supply' => [
                ...Orchard::file()['supply'], 'batteryPlace' => 'boot',
            ]],
            ['off 95' => ['fan-1' => 'fan-1-fuse'], 'run 95' => ['fan-1' => 'fan-1-fuse'], 'off 20' => ['fan-1' => null]],
        ];
        yield 'fed from the alternator’s output, its relay in the minus' => [
            self::job(1, [self::stage(1, [1], self::SWITCH, ['relayLead' => 'minus'])], ['feed' => 'alternator-output']),
            ['run 95' => ['fan-1' => 'fan-1-fuse'], 'run 20' => ['fan-1' => null], 'off 95' => ['fan-1' => null]],
        ];
        yield 'a small fan straight through a dash switch' => [
            [...self::job(1, [self::stage(1, [1], ['kind' => 'hand', 'isDirect' => true, 'ratedA' => 16], ['side' => 'supply'])]), 'fans' => [
                [...Orchard::file()['fans'][0], 'runA' => 3, 'startA' => 9],
            ]],
            ['off 20 stage-1-switch=on' => ['fan-1' => 'fan-1-fuse'], 'run 110' => ['fan-1' => null]],
        ];
        yield 'one engine-speed switch before two controllers' => [
            self::job(2, array_map(static fn (int $n): array => self::stage($n, [$n], [
                'kind' => 'stepless', 'onC' => 90, 'offC' => 86, 'place' => 'core-outlet', 'spanK' => 8, 'leastDutyPercent' => 30,
            ]), [1, 2]), ['lockouts' => ['engineSpeed' => ['rpm' => 500, 'action' => 'closes-above', 'isInFeed' => true]]]),
            [
                'run 110' => ['fan-1' => 'fan-1-fuse', 'fan-2' => 'fan-2-fuse'], 'run 110 rpm=0' => ['fan-1' => null, 'fan-2' => null],
                'run 20' => ['fan-1' => null, 'fan-2' => null],
            ],
        ];
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, array<string, string|null>>}> several switches of the driver's */
    private static function overrides(): iterable
    {
        $two = [self::stage(1, [1], self::SWITCH), self::stage(2, [2], [...self::SWITCH, 'onC' => 98, 'offC' => 93])];
        yield 'a dash switch for each of two fans' => [
            self::job(2, $two, ['overrides' => [['kind' => 'force-on', 'stages' => ['stage-1']], ['kind' => 'three-position', 'stages' => ['stage-2']]]]),
            [
                'run 20 override=on' => ['fan-1' => 'fan-1-fuse', 'fan-2' => null], 'run 20 override-2=on' => ['fan-1' => null, 'fan-2' => 'fan-2-fuse'],
                'run 110 override-2=off' => ['fan-1' => 'fan-1-fuse', 'fan-2' => null],
            ],
        ];
        $computer = ['kind' => 'computer', 'output' => 'one', 'onC' => 96, 'offC' => 91, 'place' => 'engine-outlet', 'openReadsHot' => true];
        yield 'two thermistors of two computers, one wire of each cut to one switch' => [
            self::job(2, [self::stage(1, [1], $computer), self::stage(2, [2], [...$computer, 'output' => 'two', 'onC' => 100, 'offC' => 95])], [
                'overrides' => [['kind' => 'sensor-open', 'stages' => ['stage-1', 'stage-2']]],
            ]),
            [
                'run 20' => ['fan-1' => null, 'fan-2' => null], 'run 20 override=on' => ['fan-1' => 'fan-1-fuse', 'fan-2' => 'fan-2-fuse'],
                'off 20 override=on' => ['fan-1' => null, 'fan-2' => null], 'run 98' => ['fan-1' => 'fan-1-fuse', 'fan-2' => null],
            ],
        ];
        yield 'the air conditioning asks for the second fan only, by a pressure switch' => [
            self::job(2, $two, ['airConditioning' => ['compressor' => 'variable', 'trigger' => 'pressure-switch', 'stages' => ['stage-2']]]),
            ['run 20 pressure=high' => ['fan-1' => null, 'fan-2' => 'fan-2-fuse'], 'run 94' => ['fan-1' => 'fan-1-fuse', 'fan-2' => null]],
        ];
        yield 'one pressure switch for both fans, which stay apart by temperature' => [
            self::job(2, $two, ['airConditioning' => ['compressor' => 'variable', 'trigger' => 'pressure-switch', 'stages' => ['stage-1', 'stage-2']]]),
            [
                'run 20 pressure=high' => ['fan-1' => 'fan-1-fuse', 'fan-2' => 'fan-2-fuse'], 'run 94' => ['fan-1' => 'fan-1-fuse', 'fan-2' => null],
                'run 20' => ['fan-1' => null, 'fan-2' => null],
            ],
        ];
        $controller = ['kind' => 'stepless', 'onC' => 90, 'offC' => 86, 'place' => 'core-outlet', 'spanK' => 8, 'leastDutyPercent' => 30, 'requestWantsEarth' => true];
        yield 'the computer’s output earths the controller’s input' => [
            self::job(1, [self::stage(1, [1], $controller)], ['airConditioning' => ['compressor' => 'variable', 'trigger' => 'computer-into-controller']]),
            ['run 20 air-conditioning=on' => ['fan-1' => 'fan-1-fuse'], 'run 20' => ['fan-1' => null], 'off 20 air-conditioning=on' => ['fan-1' => null]],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $stages
     * @param  array<string, mixed>  $control  further fields
     * @return array<string, mixed> a job file
     */
    private static function job(int $fans, array $stages, array $control = []): array
    {
        $fan = [...Orchard::file()['fans'][0], 'runA' => 11, 'startA' => 33];

        return [
            ...Orchard::file(),
            // What stays of a vehicle is told here as files of version 4 told it, and brought forward.
            'version' => array_filter($stages, static fn (array $stage): bool => isset($stage['original'])) === [] ? JobFile::VERSION : 4,
            'fans' => array_map(static fn (int $n): array => [...$fan, 'id' => "fan-{$n}", 'name' => "fan {$n}"], range(1, $fans)),
            'control' => ['coilFeed' => 'accessory', 'tappedFuseA' => 10, 'stages' => $stages, 'overrides' => [], ...$control],
            'runs' => [],
            'pinned' => [],
        ];
    }

    /**
     * @param  list<int>  $fans  numbers
     * @param  array<string, mixed>  $decider
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function stage(int $number, array $fans, array $decider, array $more = []): array
    {
        return ['id' => "stage-{$number}", 'fans' => array_map(static fn (int $n): string => "fan-{$n}", $fans), 'side' => 'earth', 'decider' => $decider, ...$more];
    }
}
