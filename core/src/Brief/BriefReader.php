<?php

declare(strict_types=1);

namespace LampThread\Brief;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Unit;
use LampThread\Parts\CableCatalogue;
use LampThread\Parts\Conductor;
use LampThread\Parts\Shelf;

/**
 * Turns a job file that already fits the schema into a Brief, and refuses what the schema cannot see:
 * ids that point nowhere, temperatures and voltages in the wrong order, stretches and parts that do not exist.
 */
final class BriefReader
{
    /** @var list<Problem> */
    private array $problems = [];

    private function __construct(private readonly Shelf $shelf, private readonly ControlReader $control) {}

    /**
     * @param  array<string, mixed>  $file  as decoded, already valid against schema/job.json
     *
     * @throws InvalidInput with every problem found
     */
    public static function read(array $file, Shelf $shelf, ControlReader $control): Brief
    {
        return (new self($shelf, $control))->brief($file);
    }

    /** @param  array<string, mixed>  $file */
    private function brief(array $file): Brief
    {
        /** @var non-empty-list<Fan> $fans */
        $fans = array_map($this->fan(...), $file['fans']);
        foreach ($fans as $at => $fan) {
            if ($fan->startA <= $fan->runA) {
                $this->refuse("/fans/{$at}/startA", Message::of('refusal.start-current-below-running'));
            }
        }
        $this->checkUnique('/fans', array_column($file['fans'], 'id'));
        $this->checkUnique('/control/stages', array_column($file['control']['stages'], 'id'));
        $pinned = $file['pinned'] ?? [];
        $this->checkPinned($pinned, $fans, array_column($file['control']['stages'], 'id'));
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
                CableCatalogue::from($file['wiring']['catalogue']),
                $file['wiring']['insulationC'],
                $file['wiring']['dropLimitPercent'],
                $file['wiring']['servicePlugs'] ?? true,
            ),
            $fans,
            $this->control($file['control']),
            isset($file['fit']) ? new Fit(...$file['fit']) : null,
            isset($file['driveline']) ? new Driveline(...$file['driveline']) : null,
            $this->segments($file['runs'] ?? [], $fans),
            $pinned,
            new Usage($file['usage']['hoursPerYear'] ?? Usage::USUAL_HOURS_PER_YEAR, $file['usage']['startsPerHour'] ?? null),
            new Heat(...($file['heat'] ?? [])),
            array_map(static fn (array $accepted): Acceptance => new Acceptance(...$accepted), $file['accepted'] ?? []),
        );
        if ($this->problems !== []) {
            throw new InvalidInput($this->problems);
        }

        return $brief;
    }

    /** @param  array<string, mixed>  $control */
    private function control(array $control): Control
    {
        $stages = array_map($this->stage(...), array_values($control['stages']));
        $override = $control['override'];
        $airConditioning = $control['airConditioning'] ?? null;
        $afterRun = $control['afterRun'] ?? null;

        return new Control(
            Feed::from($control['feed'] ?? 'battery'),
            $control['existingFuseA'] ?? null,
            EarthReturn::from($control['earth'] ?? 'body'),
            CoilFeed::from($control['coilFeed']),
            $control['feedRelay'] ?? false,
            $stages ?: throw InvalidInput::at('/control/stages', Message::of('refusal.no-stage')),
            isset($control['speeds']) ? Speeds::from($control['speeds']) : null,
            $airConditioning === null ? null : new AirConditioning(
                Compressor::from($airConditioning['compressor']),
                $this->control->airConditioningTrigger($airConditioning['trigger']),
                $airConditioning['fuseA'] ?? null,
            ),
            $override === null ? null : $this->control->override($override),
            $afterRun === null ? null : new AfterRun($afterRun['delayS'], $afterRun['isPush'] ?? false),
            new Lockouts($control['lockouts']['aboveRpm'] ?? null, $control['lockouts']['cranking'] ?? false),
            $control['tappedFuseA'] ?? null,
            $control['fuseBeforeA'] ?? null,
        );
    }

    /** @param  array<string, mixed>  $supply */
    private function supply(array $supply): Supply
    {
        if ($supply['crankingV'] >= $supply['restingV']) {
            $this->refuse('/supply/crankingV', Message::of('refusal.cranking-above-resting'));
        }
        if ($supply['chargingV'] <= $supply['restingV']) {
            $this->refuse('/supply/chargingV', Message::of('refusal.charging-below-resting'));
        }
        foreach (['restingV', 'chargingV'] as $name) {
            $ratio = $supply[$name] / $supply['systemV'];
            if ($ratio < 0.8 || $ratio > 1.35) {
                $this->refuse("/supply/{$name}", Message::of('refusal.not-of-this-system', systemV: Unit::Volt->of($supply['systemV'])));
            }
        }
        if ($supply['alternatorRatedA'] < $supply['alternatorIdleA']) {
            $this->refuse('/supply/alternatorRatedA', Message::of('refusal.alternator-rated-below-idle'));
        }

        return new Supply(...$supply);
    }

    /** @param  array<string, mixed>  $cooling */
    private function cooling(array $cooling): Cooling
    {
        if ($cooling['ceilingC'] <= $cooling['thermostatOpensC']) {
            $this->refuse('/cooling/ceilingC', Message::of('refusal.ceiling-below-thermostat'));
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
    private function stage(array $stage): Stage
    {
        return new Stage(
            $stage['id'],
            $stage['fans'],
            Side::from($stage['side']),
            $this->control->decider($stage['decider']),
            $stage['sharesRelay'] ?? false,
        );
    }

    /**
     * @param  array<string, array<string, mixed>>  $runs  as the file has them
     * @param  list<Fan>  $fans
     * @return array<string, Segment>
     */
    private function segments(array $runs, array $fans): array
    {
        $segments = [];
        foreach ($runs as $name => $run) {
            $parts = explode('@', $name, 2);
            $stretch = Stretch::tryFrom($parts[0]);
            $group = $parts[1] ?? null;
            if ($stretch === null) {
                $this->refuse("/runs/{$name}", Message::of('refusal.no-such-stretch', stretches: array_column(Stretch::cases(), 'value')));

                continue;
            }
            if ($group !== null && ! self::isGroupOf($group, $stretch, $fans)) {
                $this->refuse("/runs/{$name}", Message::of('refusal.no-such-wire-group', group: $group));

                continue;
            }
            $usual = $group === null ? $stretch->usual() : $segments[$parts[0]] ?? $stretch->usual();
            $zone = isset($run['zone']) ? Zone::from($run['zone']) : $usual->zone;
            $segments[$name] = new Segment(
                $run['lengthM'] ?? $usual->lengthM,
                $zone,
                $run['ambientC'] ?? $zone->ambientC(),
                $run['bundle'] ?? $usual->bundle,
                $this->given($run['conductor'] ?? null, $name),
            );
        }

        return $segments;
    }

    /** @param  list<Fan>  $fans */
    private static function isGroupOf(string $group, Stretch $stretch, array $fans): bool
    {
        return $stretch->isPerFan()
            && preg_match('/^('.implode('|', array_column($fans, 'id')).')(-air-conditioning|-override)?-wire$/', $group) === 1;
    }

    private function given(?string $id, string $stretch): ?Conductor
    {
        $conductor = $id === null ? null : $this->shelf->conductor($id);
        if ($id !== null && $conductor === null) {
            $this->refuse("/runs/{$stretch}/conductor", Message::of('refusal.not-on-shelf', kind: 'conductor', id: $id));
        }

        return $conductor;
    }

    /**
     * @param  array<string, string>  $pinned
     * @param  list<Fan>  $fans
     * @param  list<string>  $stageIds
     */
    private function checkPinned(array $pinned, array $fans, array $stageIds): void
    {
        $kinds = ['trigger-wire' => 'conductor', 'indicator-wire' => 'conductor'];
        foreach (['coil', 'indicator', 'air-conditioning', 'override', 'speeds'] as $name) {
            $kinds["{$name}-fuse"] = 'fuse';
        }
        $inverting = array_map(static fn (string $id): string => "{$id}-inverting", $stageIds);
        foreach (['feed', 'air-conditioning', 'after-run', 'low', 'high', 'series', ...$inverting] as $name) {
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
                null => null,
            };
            if ($kind === null) {
                $this->refuse("/pinned/{$choice}", Message::of('refusal.no-such-choice', choices: array_keys($kinds)));
            } elseif ($found === null) {
                $this->refuse("/pinned/{$choice}", Message::of('refusal.not-on-shelf', kind: $kind, id: $part));
            }
        }
    }

    /** @param  list<string>  $ids */
    private function checkUnique(string $list, array $ids): void
    {
        foreach ($ids as $at => $id) {
            if (array_search($id, $ids, true) !== $at) {
                $this->refuse("{$list}/{$at}/id", Message::of('refusal.id-twice', id: $id));
            }
        }
    }

    private function refuse(string $at, Message $message): void
    {
        $this->problems[] = new Problem($at, $message);
    }
}
