<?php

declare(strict_types=1);

namespace LampThread\Tests;

use LampThread\Message\InvalidInput;

/** Every way the choices of a brief can be put together, on one vehicle with two fans. */
final class Combination
{
    private const SOME = 3;

    /** Marks the decider of a vehicle that was found and stays: a computer's output. */
    private const WAS_THERE = 'was there';

    private const BAND = ['onC' => 92, 'offC' => 87, 'place' => 'radiator-inlet'];

    private const FAN = ['mount' => 'puller', 'diameterMm' => 305, 'depthMm' => 62, 'ratedV' => 13, 'runA' => 9, 'startA' => 27, 'flowM3h' => 1900];

    /** @var array<string, array{array<string, mixed>}>|null */
    private static ?array $pairs = null;

    /** @return array<string, array<string, mixed>> name to decider */
    public static function deciders(): array
    {
        return [
            'switch closing when hot' => ['kind' => 'thermal-switch', 'action' => 'closes-when-hot', ...self::BAND],
            'switch closing, in a hose' => ['kind' => 'thermal-switch', 'action' => 'closes-when-hot', ...self::BAND, 'place' => 'top-hose'],
            'switch opening when hot' => ['kind' => 'thermal-switch', 'action' => 'opens-when-hot', ...self::BAND],
            'switch carrying the fan' => ['kind' => 'thermal-switch', 'action' => 'closes-when-hot', ...self::BAND, 'isDirect' => true, 'ratedA' => 20],
            'two contacts in one body' => ['kind' => 'two-step-switch', ...self::BAND],
            'capillary' => ['kind' => 'thermostat', 'output' => 'capillary', ...self::BAND],
            'capillary carrying the fan' => ['kind' => 'thermostat', 'output' => 'capillary', ...self::BAND, 'isDirect' => true, 'ratedA' => 20],
            'electronic, carrying the fan' => [
                'kind' => 'thermostat', 'output' => 'dry-contact', ...self::BAND, 'isDirect' => true, 'ratedA' => 20, 'hasDisplay' => true,
            ],
            'electronic, dry contact' => ['kind' => 'thermostat', 'output' => 'dry-contact', ...self::BAND],
            'electronic, to earth' => ['kind' => 'thermostat', 'output' => 'to-earth', ...self::BAND],
            'electronic, to supply' => ['kind' => 'thermostat', 'output' => 'to-supply', ...self::BAND],
            'computer' => ['kind' => 'computer', 'output' => 'fan', ...self::BAND, 'openReadsHot' => true],
            'original' => ['kind' => self::WAS_THERE, 'output' => 'engine computer', ...self::BAND],
            'stepless' => ['kind' => 'stepless', ...self::BAND, 'spanK' => 8, 'leastDutyPercent' => 25],
            'power module' => ['kind' => 'stepless', ...self::BAND, 'spanK' => 8, 'leastDutyPercent' => 25, 'isByComputer' => true],
            'stepless, its input wants an earth' => [
                'kind' => 'stepless', ...self::BAND, 'spanK' => 8, 'leastDutyPercent' => 25, 'requestWantsEarth' => true,
            ],
            'pressure switch' => ['kind' => 'pressure-switch'],
            'switch in the oil' => ['kind' => 'other-switch', 'senses' => 'oil'],
            'hand' => ['kind' => 'hand'],
            'hand, carrying the fan' => ['kind' => 'hand', 'isDirect' => true, 'ratedA' => 20],
        ];
    }

    /** @return array<string, array<string, mixed>> name of a decider to the changes that let it decide alone */
    public static function eachDecider(): array
    {
        $loads = self::loads();

        return array_map(static fn (array $decider): array => self::changes(
            $decider,
            $loads[$decider['kind'] === 'two-step-switch' ? 'two at two temperatures' : 'one fan'],
            ($decider['output'] ?? '') === 'to-supply' ? 'supply' : 'earth',
        ), self::deciders());
    }

    /** @return array<string, array<string, mixed>> name to fields of `control` besides the stages; `stages` says how many there are */
    public static function loads(): array
    {
        return [
            'one fan' => ['fans' => [['fan-1']]],
            'two on one relay' => ['fans' => [['fan-1', 'fan-2']], 'sharesRelay' => true],
            'two, a relay each' => ['fans' => [['fan-1', 'fan-2']]],
            'two at two temperatures' => ['fans' => [['fan-1'], ['fan-2']]],
            'dropping resistor' => ['fans' => [['fan-1'], ['fan-1']], 'speeds' => 'dropping-resistor'],
            'two windings' => ['fans' => [['fan-1'], ['fan-1']], 'speeds' => 'two-windings'],
            'series and parallel' => ['fans' => [['fan-1', 'fan-2'], ['fan-1', 'fan-2']], 'speeds' => 'series-parallel'],
        ];
    }

    /** @return array<string, array<string, string>|null> */
    public static function airConditioning(): array
    {
        $kinds = ['none' => null];
        $triggers = [
            'separate-relay', 'interposing-relay', 'diode', 'joined', 'pressure-switch', 'condenser-fan', 'computer', 'controller-input', 'nothing',
            'pressure-into-controller', 'computer-into-controller',
        ];
        foreach ($triggers as $trigger) {
            $kinds[$trigger] = ['compressor' => 'clutch', 'trigger' => $trigger];
        }
        foreach (['interposing-relay', 'pressure-switch', 'computer', 'pressure-into-controller', 'computer-into-controller'] as $trigger) {
            $kinds["variable, {$trigger}"] = ['compressor' => 'variable', 'trigger' => $trigger];
        }

        return $kinds;
    }

    /** @return array<string, array<string, mixed>|null> */
    public static function overrides(): array
    {
        $kinds = ['none' => null];
        foreach (
            ['force-on', 'three-position', 'change-over', 'sensor-open', 'low-high', 'cut-out', 'change-over-both', 'plug-low-high'] as $at => $kind
        ) {
            $kinds[$kind] = ['kind' => $kind, 'indicator' => $at % 2 === 0];
        }

        return $kinds;
    }

    /**
     * All of them, by name, each as a function that builds it.
     *
     * @return iterable<string, array{list<string>, array<string, mixed>}> what was chosen, and the changes it makes to the Orchard job
     */
    public static function all(): iterable
    {
        foreach (self::deciders() as $deciderName => $decider) {
            foreach (self::loads() as $loadName => $load) {
                foreach (['earth', 'supply'] as $side) {
                    foreach (self::airConditioning() as $airName => $airConditioning) {
                        foreach (self::overrides() as $overrideName => $override) {
                            $chosen = [$deciderName, $loadName, "{$side} side", "A/C {$airName}", "override {$overrideName}"];
                            yield implode('; ', $chosen) => [
                                $chosen,
                                self::changes($decider, $load, $side, $airConditioning, $override),
                            ];
                        }
                    }
                }
            }
        }
    }

    /**
     * Enough of them that every two choices that go together are together at least once.
     *
     * @return array<string, array{array<string, mixed>}>
     */
    public static function pairs(): array
    {
        return self::$pairs ??= iterator_to_array(self::pairsOnce());
    }

    /**
     * Every third of them; all in the long run, `bin/test --long`.
     *
     * @return array<string, array{array<string, mixed>}>
     */
    public static function somePairs(): array
    {
        $every = getenv('LAMP_SEED') === false ? self::SOME : 1;
        $names = array_keys(self::pairs());

        return array_intersect_key(self::pairs(), array_flip(array_filter($names, static fn (int $at): bool => $at % $every === 0, ARRAY_FILTER_USE_KEY)));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    private static function pairsOnce(): iterable
    {
        $seen = [];
        foreach (self::all() as $name => [$chosen, $changes]) {
            $new = [];
            foreach ($chosen as $at => $one) {
                foreach (array_slice($chosen, $at + 1) as $other) {
                    if (! isset($seen["{$one}&{$other}"])) {
                        $new["{$one}&{$other}"] = true;
                    }
                }
            }
            if ($new !== [] && self::isOffered($changes)) {
                $seen += $new;
                yield $name => [$changes];
            }
        }
    }

    /**
     * Without the schema, which these fit: the Orchard job is read from its file thousands of times.
     *
     * @param  array<string, mixed>  $changes
     */
    private static function isOffered(array $changes): bool
    {
        try {
            Orchard::files()->brief(Orchard::file($changes));

            return true;
        } catch (InvalidInput) {
            return false;
        }
    }

    /**
     * @param  array<string, mixed>  $decider
     * @param  array<string, mixed>  $load
     * @param  array<string, mixed>|null  $airConditioning
     * @param  array<string, mixed>|null  $override
     * @param  array<string, mixed>  $more  further fields of `control`
     * @return array<string, mixed> changes to the Orchard job
     */
    public static function changes(
        array $decider,
        array $load,
        string $side = 'earth',
        ?array $airConditioning = null,
        ?array $override = null,
        array $more = [],
    ): array {
        $fans = array_values(array_unique(array_merge(...$load['fans'])));
        $stages = [];
        $wasThere = $decider['kind'] === self::WAS_THERE;
        foreach ($load['fans'] as $at => $ids) {
            $own = $wasThere ? [...$decider, 'kind' => 'computer'] : $decider;
            if ($at === 1 && isset($own['onC'])) {
                $own = [...$own, 'onC' => $own['onC'] + 5, 'offC' => $own['offC'] + 5];
            }
            if ($at === 1 && $own['kind'] === 'computer') {
                $own['output'] = 'high';
            }
            $stages[] = [
                'id' => 'stage-'.($at + 1),
                'fans' => $ids,
                'side' => $side,
                'sharesRelay' => $load['sharesRelay'] ?? false,
                'decider' => $own,
            ];
        }

        $told = array_map(static fn (string $id): array => ['id' => $id, 'name' => $id, ...self::FAN], $fans);
        $found = [
            'fans' => $told, 'parts' => self::told($fans),
            'control' => ['coilFeed' => 'accessory', 'stages' => $stages, 'speeds' => $load['speeds'] ?? null, 'overrides' => []],
        ];

        return [
            '/fans' => $told,
            ...($wasThere ? ['/found' => $found] : []),
            '/control' => [
                'coilFeed' => $wasThere ? 'accessory' : 'ignition',
                'stages' => $stages,
                'speeds' => $load['speeds'] ?? null,
                'airConditioning' => $airConditioning,
                'overrides' => $override === null ? [] : [$override],
                ...$more,
            ],
        ];
    }

    /**
     * What is known of a vehicle that was found.
     *
     * @param  list<string>  $fans
     * @return array<string, array<string, float>>
     */
    private static function told(array $fans): array
    {
        $parts = [];
        foreach ($fans as $id) {
            $parts += ["{$id}-fuse" => ['ratedA' => 20.0], "{$id}-relay" => ['ratedA' => 40.0], "{$id}-wire" => ['areaMm2' => 2.5]];
        }

        return $parts;
    }
}
