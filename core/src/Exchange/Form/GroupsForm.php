<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\RelayPlace;

/** Answers that open a group of others: what was told of the group stays, what was not begins with what is usual. */
final class GroupsForm
{
    /** Common practice, no source. */
    private const CORE = ['coreWidthMm' => 500, 'coreHeightMm' => 400, 'shroudPercent' => 0, 'flaps' => false];

    private const ENGINE_FAN = ['drive' => 'viscous', 'diameterMm' => 430];

    private const DRIVELINE = ['axleRatio' => 4.11, 'gearRatios' => [3.5, 2.1, 1.4, 1], 'tyreM' => 0.66];

    private const MOST_GEARS = 12;

    /** Speeds a switch is set to, and how long fans run on, until they are told (common practice, no source). */
    private const RPM = ['opens-above' => 4500, 'closes-above' => 500, 'opens-relay-above' => 4500];

    private const RUN_ON_S = ['key' => 235, 'push' => 120, 'switch' => 120];

    /** Fuse of a circuit that was there, until it is told, A. */
    private const SHARED_FUSE_A = 30;

    /** What a spare feed is left for until it is told, A (common practice, no source). */
    private const SPARE_A = 10;

    private const LIVE = ['battery', 'fuse-box-stud', 'starter-terminal', 'alternator-output', 'existing-circuit'];

    /**
     * @param  array<string, mixed>  $file  the job's, as decoded
     * @return array<string, mixed>
     */
    public static function of(array $file): array
    {
        $control = $file['control'];
        $engineFan = $file['engineFan'] ?? null;
        $fuse = static fn (string $feed): array => $feed === 'existing-circuit' ? ['/control/existingFuseA' => $control['existingFuseA'] ?? self::SHARED_FUSE_A] : [];
        $live = array_combine(self::LIVE, self::LIVE);

        return [
            'core' => self::choice('core', isset($file['fit']) ? 'yes' : 'no', ['no' => ['/fit' => null], 'yes' => ['/fit' => $file['fit'] ?? self::CORE]]),
            'engineFan' => self::choice('engine-fan', $engineFan === null ? 'none' : ($engineFan['isRemoved'] ? 'removed' : 'kept'), [
                'none' => ['/engineFan' => null],
                'kept' => ['/engineFan' => [...self::ENGINE_FAN, ...$engineFan ?? [], 'isRemoved' => false]],
                'removed' => ['/engineFan' => [...self::ENGINE_FAN, ...$engineFan ?? [], 'isRemoved' => true]],
            ]),
            'afterRun' => self::afterRun($control['afterRun'] ?? null),
            'engineSpeed' => self::engineSpeed($control['lockouts']['engineSpeed'] ?? null),
            'feed' => self::choice('feed', $control['feed'] ?? 'battery', array_map(static fn (string $feed): array => ['/control/feed' => $feed, ...$fuse($feed)], $live)),
            'takenOut' => self::choice('taken-out', isset($control['existingFuseA']) ? 'removed' : 'none', [
                'none' => ['/control/existingFuseA' => null], 'removed' => $fuse('existing-circuit'),
            ]),
            'coilFeed' => self::choice('coil-feed', $control['coilFeed'], array_map(
                static fn (string $feed): array => ['/control/coilFeed' => $feed, ...$fuse($feed)], ['accessory' => 'accessory', 'ignition' => 'ignition', ...$live],
            )),
            'spareFeed' => self::choice('spare-feed', isset($control['spareFeedA']) ? 'left' : 'none', [
                'none' => ['/control/spareFeedA' => null], 'left' => ['/control/spareFeedA' => $control['spareFeedA'] ?? self::SPARE_A],
            ]),
            'relayPlace' => self::choice('relay-place', $control['relayPlace'] ?? RelayPlace::Bay->value, array_map(
                static fn (string $place): array => ['/control/relayPlace' => $place], array_column(RelayPlace::cases(), 'value', 'value'),
            )),
            'driveline' => self::driveline($file['driveline'] ?? null),
        ];
    }

    /**
     * @param  array<string, mixed>|null  $told
     * @return array<string, mixed>
     */
    private static function afterRun(?array $told): array
    {
        $options = ['none' => ['/control/afterRun' => null]];
        foreach (self::RUN_ON_S as $by => $delayS) {
            $options[$by] = ['/control/afterRun' => ['delayS' => $told['delayS'] ?? $delayS, 'startedBy' => $by]];
        }

        return self::choice('after-run', $told === null ? 'none' : $told['startedBy'] ?? 'key', $options);
    }

    /**
     * A speed that was told for the one is none for the other: it is begun anew.
     *
     * @param  array<string, mixed>|null  $told
     * @return array<string, mixed>
     */
    private static function engineSpeed(?array $told): array
    {
        $standing = $told === null ? 'none' : $told['action'] ?? 'opens-above';
        $options = ['none' => ['/control/lockouts/engineSpeed' => null]];
        foreach (self::RPM as $action => $rpm) {
            $options[$action] = ['/control/lockouts/engineSpeed' => [...$told ?? [], 'rpm' => $standing === $action ? $told['rpm'] ?? $rpm : $rpm, 'action' => $action]];
        }

        return self::choice('engine-speed', $standing, $options);
    }

    /**
     * @param  array<string, mixed>|null  $told
     * @return array<string, mixed> what telling it, and a gear more or less, changes
     */
    private static function driveline(?array $told): array
    {
        $gears = array_values($told['gearRatios'] ?? []);

        return [
            'tell' => ['changes' => $told === null ? ['/driveline' => self::DRIVELINE] : null],
            'addGear' => ['changes' => $gears === [] || count($gears) === self::MOST_GEARS ? null : ['/driveline/gearRatios' => [...$gears, $gears[count($gears) - 1]]]],
            'lessGears' => ['changes' => count($gears) < 2 ? null : ['/driveline/gearRatios' => array_slice($gears, 0, -1)]],
        ];
    }

    /**
     * @param  array<string, array<string, mixed>>  $options  value to what it changes
     * @return array<string, mixed>
     */
    private static function choice(string $of, string $value, array $options): array
    {
        return ['value' => $value, 'options' => array_map(
            static fn (string $id, array $changes): array => FormOption::of($of, $id, $changes), array_keys($options), array_values($options),
        )];
    }
}
