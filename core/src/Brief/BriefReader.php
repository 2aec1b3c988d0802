<?php

declare(strict_types=1);

namespace LampThread\Brief;

use LampThread\Shelf\Conductor;
use LampThread\Shelf\Shelf;

/**
 * Turns a job file that already fits the schema into a Brief, and refuses what the schema cannot see:
 * ids that point nowhere, temperatures and voltages in the wrong order, stretches and parts that do not exist.
 */
final class BriefReader
{
    /** @var list<Problem> */
    private array $problems = [];

    private function __construct(private readonly Shelf $shelf) {}

    /**
     * @param  array<string, mixed>  $file  as decoded, already valid against schema/job.json
     *
     * @throws Unusable with every problem found
     */
    public static function read(array $file, Shelf $shelf): Brief
    {
        return (new self($shelf))->brief($file);
    }

    /** @param  array<string, mixed>  $file */
    private function brief(array $file): Brief
    {
        /** @var non-empty-list<Fan> $fans */
        $fans = array_map($this->fan(...), $file['fans']);
        foreach ($fans as $at => $fan) {
            if ($fan->startA <= $fan->runA) {
                $this->wrong("/fans/{$at}/startA", 'must be above the running current: a fan draws most as it starts.');
            }
        }
        $pinned = $file['pinned'] ?? [];
        $this->checkPinned($pinned, $fans);
        $brief = new Brief(
            new JobNotes(
                $file['job']['title'],
                $file['job']['customer'] ?? '',
                $file['job']['vehicle'] ?? '',
                $file['job']['notes'] ?? '',
            ),
            $this->supply($file['supply']),
            $this->cooling($file['cooling']),
            new Wiring(
                Catalogue::from($file['wiring']['catalogue']),
                $file['wiring']['insulationC'],
                $file['wiring']['dropLimitPercent'],
            ),
            $fans,
            $this->control($file['control']),
            isset($file['fit']) ? new Fit(...$file['fit']) : null,
            isset($file['driveline']) ? new Driveline(...$file['driveline']) : null,
            $this->runs($file['runs'] ?? [], $fans),
            $pinned,
            new Usage($file['usage']['hoursPerYear'] ?? Usage::USUAL_HOURS_PER_YEAR, $file['usage']['startsPerHour'] ?? null),
            new Heat(...($file['heat'] ?? [])),
        );
        array_push($this->problems, ...Combinations::problems($brief));
        if ($this->problems !== []) {
            throw new Unusable($this->problems);
        }

        return $brief;
    }

    /** @param  array<string, mixed>  $control */
    private function control(array $control): Control
    {
        $stages = [];
        foreach ($control['stages'] as $at => $stage) {
            $stages[] = $this->stage($stage, $at);
        }
        $override = $control['override'];
        $airConditioning = $control['airConditioning'] ?? null;
        $afterRun = $control['afterRun'] ?? null;

        return new Control(
            Feed::from($control['feed'] ?? 'battery'),
            $control['existingFuseA'] ?? null,
            EarthReturn::from($control['earth'] ?? 'body'),
            CoilFeed::from($control['coilFeed']),
            $control['feedRelay'] ?? false,
            $stages ?: throw Unusable::because('/control/stages', 'needs at least one stage.'),
            isset($control['speeds']) ? Speeds::from($control['speeds']) : null,
            $airConditioning === null ? null : new AirConditioning(
                Compressor::from($airConditioning['compressor']),
                AirConditioningTrigger::from($airConditioning['trigger']),
            ),
            $override === null ? null : new Override(
                OverrideKind::from($override['kind']),
                $override['ratedA'] ?? Override::USUAL_RATED_A,
                $override['indicator'] ?? false,
            ),
            $afterRun === null ? null : new AfterRun($afterRun['delayS'], $afterRun['isPush'] ?? false),
            new Lockouts($control['lockouts']['aboveRpm'] ?? null, $control['lockouts']['cranking'] ?? false),
        );
    }

    /** @param  array<string, mixed>  $supply */
    private function supply(array $supply): Supply
    {
        if ($supply['crankingV'] >= $supply['restingV']) {
            $this->wrong('/supply/crankingV', 'must be below the resting voltage: the starter pulls the battery down.');
        }
        if ($supply['chargingV'] <= $supply['restingV']) {
            $this->wrong('/supply/chargingV', 'must be above the resting voltage, or the battery is never charged.');
        }
        foreach (['restingV', 'chargingV'] as $name) {
            $ratio = $supply[$name] / $supply['systemV'];
            if ($ratio < 0.8 || $ratio > 1.35) {
                $this->wrong("/supply/{$name}", "does not belong to a {$supply['systemV']} V system.");
            }
        }
        if ($supply['alternatorRatedA'] < $supply['alternatorIdleA']) {
            $this->wrong('/supply/alternatorRatedA', 'is below what the alternator is said to give at idle.');
        }

        return new Supply(...$supply);
    }

    /** @param  array<string, mixed>  $cooling */
    private function cooling(array $cooling): Cooling
    {
        if ($cooling['ceilingC'] <= $cooling['thermostatOpensC']) {
            $this->wrong('/cooling/ceilingC', 'must be above the temperature at which the thermostat opens.');
        }

        return new Cooling(...$cooling);
    }

    /** @param  array<string, mixed>  $fan */
    private function fan(array $fan): Fan
    {
        $madeFor = isset($fan['madeFor']) ? Mount::from($fan['madeFor']) : null;

        return new Fan(...[...$fan, 'mount' => Mount::from($fan['mount']), 'madeFor' => $madeFor]);
    }

    /** @param  array<string, mixed>  $stage */
    private function stage(array $stage, int $at): Stage
    {
        try {
            $decider = DeciderReader::read($stage['decider'], "/control/stages/{$at}/decider");
        } catch (Unusable $unusable) {
            array_push($this->problems, ...$unusable->problems);
            $decider = new Hand(Hand::USUAL_RATED_A);
        }

        return new Stage(
            $stage['id'],
            $stage['fans'],
            Side::from($stage['side']),
            $decider,
            $stage['sharesRelay'] ?? false,
        );
    }

    /**
     * @param  array<string, array<string, mixed>>  $runs
     * @param  list<Fan>  $fans
     * @return array<string, Run>
     */
    private function runs(array $runs, array $fans): array
    {
        $read = [];
        foreach ($runs as $name => $run) {
            $parts = explode('@', $name, 2);
            $stretch = Stretch::tryFrom($parts[0]);
            $reel = $parts[1] ?? null;
            $isReel = $reel === null || ($stretch?->isPerFan() === true
                && preg_match('/^('.implode('|', array_column($fans, 'id')).')(-air-conditioning|-override)?-wire$/', $reel) === 1);
            if ($stretch !== null && ! $isReel) {
                $this->wrong("/runs/{$name}", "is told for a reel that is none of this job, or for a stretch all fans share: ‘{$reel}’.");

                continue;
            }
            if ($stretch === null) {
                $this->wrong("/runs/{$name}", 'is no stretch of a loom. The stretches are: '
                    .implode(', ', array_column(Stretch::cases(), 'value')).'.');

                continue;
            }
            $usual = $reel === null ? $stretch->usual() : $read[$parts[0]] ?? $stretch->usual();
            $zone = isset($run['zone']) ? Zone::from($run['zone']) : $usual->zone;
            $read[$name] = new Run($run['lengthM'] ?? $usual->lengthM, $zone, $run['ambientC'] ?? $zone->ambientC(), $run['bundle'] ?? $usual->bundle, $this->given($run['conductor'] ?? null, $name));
        }

        return $read;
    }

    private function given(?string $id, string $stretch): ?Conductor
    {
        $conductor = $id === null ? null : $this->shelf->conductor($id);
        if ($id !== null && $conductor === null) {
            $this->wrong("/runs/{$stretch}/conductor", "the shelf holds no conductor ‘{$id}’.");
        }

        return $conductor;
    }

    /**
     * @param  array<string, string>  $pinned
     * @param  list<Fan>  $fans
     */
    private function checkPinned(array $pinned, array $fans): void
    {
        $kinds = ['trigger-wire' => 'conductor', 'indicator-wire' => 'conductor'];
        foreach (['coil', 'indicator', 'air-conditioning', 'override', 'speeds'] as $name) {
            $kinds["{$name}-fuse"] = 'fuse';
        }
        foreach (['feed', 'inverting', 'air-conditioning', 'after-run', 'low', 'high', 'series'] as $name) {
            $kinds["{$name}-relay"] = 'relay';
        }
        foreach ($fans as $fan) {
            foreach ([$fan->id, "{$fan->id}-air-conditioning", "{$fan->id}-override"] as $name) {
                $kinds += ["{$name}-fuse" => 'fuse', "{$name}-relay" => 'relay', "{$name}-wire" => 'conductor'];
            }
        }
        foreach ($pinned as $choice => $part) {
            $kind = $kinds[$choice] ?? null;
            $found = match ($kind) {
                'fuse' => $this->shelf->fuse($part),
                'relay' => $this->shelf->relay($part),
                'conductor' => $this->shelf->conductor($part),
                null => $this->wrong("/pinned/{$choice}", 'is no choice of this job. The choices are: '.implode(', ', array_keys($kinds)).'.'),
            };
            if ($kind !== null && $found === null) {
                $this->wrong("/pinned/{$choice}", "the shelf holds no {$kind} ‘{$part}’.");
            }
        }
    }

    private function wrong(string $at, string $says): null
    {
        $this->problems[] = new Problem($at, $says);

        return null;
    }
}
