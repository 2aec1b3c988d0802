<?php

declare(strict_types=1);

namespace LampThread\Brief;

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
        $control = $file['control'];
        /** @var non-empty-list<Stage> $stages */
        $stages = array_map($this->stage(...), $control['stages']);
        $this->checkFans($fans, $stages);
        $supply = $this->supply($file['supply']);
        $runs = $this->runs($file['runs'] ?? []);
        $pinned = $file['pinned'] ?? [];
        $this->checkPinned($pinned, $fans);
        $override = $control['override'];
        $brief = new Brief(
            new JobNotes(
                $file['job']['title'],
                $file['job']['customer'] ?? '',
                $file['job']['vehicle'] ?? '',
                $file['job']['notes'] ?? '',
            ),
            $supply,
            $this->cooling($file['cooling']),
            new Wiring(
                Catalogue::from($file['wiring']['catalogue']),
                $file['wiring']['insulationC'],
                $file['wiring']['dropLimitPercent'],
            ),
            $fans,
            new Control(
                CoilFeed::from($control['coilFeed']),
                $stages,
                $override === null ? null : new ForceOn($override['ratedA'] ?? ForceOn::USUAL_RATED_A),
            ),
            $runs,
            $pinned,
        );
        if ($this->problems !== []) {
            throw new Unusable($this->problems);
        }

        return $brief;
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
        return new Fan(...[...$fan, 'mount' => Mount::from($fan['mount'])]);
    }

    /** @param  array<string, mixed>  $stage */
    private function stage(array $stage): Stage
    {
        $decider = $stage['decider'];

        return new Stage(
            $stage['id'],
            $stage['fans'],
            Side::from($stage['side']),
            new ThermalSwitch(
                $decider['onC'],
                $decider['offC'],
                Place::from($decider['place']),
                $decider['ratedA'] ?? ThermalSwitch::USUAL_RATED_A,
                $decider['earthLead'] ?? true,
            ),
        );
    }

    /**
     * @param  list<Fan>  $fans
     * @param  list<Stage>  $stages
     */
    private function checkFans(array $fans, array $stages): void
    {
        $unused = array_fill_keys(array_map(static fn (Fan $fan): string => $fan->id, $fans), true);
        foreach ($fans as $at => $fan) {
            if ($fan->startA <= $fan->runA) {
                $this->wrong("/fans/{$at}/startA", 'must be above the running current: a fan draws most as it starts.');
            }
        }
        foreach ($stages as $at => $stage) {
            if ($stage->decider->offC >= $stage->decider->onC) {
                $this->wrong("/control/stages/{$at}/decider/offC", 'must be below the temperature at which the switch closes.');
            }
            foreach ($stage->fanIds as $fanAt => $id) {
                if (! isset($unused[$id])) {
                    $this->wrong("/control/stages/{$at}/fans/{$fanAt}", "no fan has the id ‘{$id}’.");
                }
                unset($unused[$id]);
            }
        }
        foreach (array_keys($unused) as $id) {
            $this->wrong('/control/stages', "no stage runs the fan ‘{$id}’.");
        }
    }

    /**
     * @param  array<string, array<string, mixed>>  $runs
     * @return array<string, Run>
     */
    private function runs(array $runs): array
    {
        $read = [];
        foreach ($runs as $name => $run) {
            $stretch = Stretch::tryFrom($name);
            if ($stretch === null) {
                $this->wrong("/runs/{$name}", 'is no stretch of a loom. The stretches are: '
                    .implode(', ', array_column(Stretch::cases(), 'value')).'.');

                continue;
            }
            $usual = $stretch->usual();
            $zone = isset($run['zone']) ? Zone::from($run['zone']) : $usual->zone;
            $read[$name] = new Run($run['lengthM'] ?? $usual->lengthM, $zone, $run['ambientC'] ?? $zone->ambientC());
        }

        return $read;
    }

    /**
     * @param  array<string, string>  $pinned
     * @param  list<Fan>  $fans
     */
    private function checkPinned(array $pinned, array $fans): void
    {
        $kinds = ['coil-fuse' => 'fuse', 'trigger-wire' => 'conductor'];
        foreach ($fans as $fan) {
            $kinds += ["{$fan->id}-fuse" => 'fuse', "{$fan->id}-relay" => 'relay', "{$fan->id}-wire" => 'conductor'];
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
