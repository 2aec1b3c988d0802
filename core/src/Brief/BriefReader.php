<?php

declare(strict_types=1);

namespace LampThread\Brief;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Unit;
use LampThread\Parts\CableCatalogue;
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
        foreach ($file['candidates'] ?? [] as $at => $candidate) {
            if ($candidate['startA'] !== null && $candidate['startA'] <= $candidate['runA']) {
                $this->refuse("/candidates/{$at}/startA", Message::of('refusal.start-current-below-running'));
            }
        }
        foreach ($fans as $at => $fan) {
            if ($fan->startA <= $fan->runA) {
                $this->refuse("/fans/{$at}/startA", Message::of('refusal.start-current-below-running'));
            }
        }
        $this->checkUnique('/fans', array_column($file['fans'], 'id'));
        $this->checkUnique('/control/stages', array_column($file['control']['stages'], 'id'));
        $pinned = $file['pinned'] ?? [];
        $choices = new PinnedChoices($this->shelf, $fans, array_column($file['control']['stages'], 'id'), count($file['control']['overrides']));
        array_push($this->problems, ...$choices->problems($pinned));
        $supply = $this->supply($file['supply']);
        $control = $this->control($file['control']);
        $runs = Runs::read($file['runs'] ?? [], $fans, Brief::awayM($control, $supply), $control->relayPlace, $this->shelf);
        array_push($this->problems, ...$runs->problems);
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
                CableCatalogue::from($file['wiring']['catalogue']),
                $file['wiring']['insulationC'],
                $file['wiring']['dropLimitPercent'],
                $file['wiring']['servicePlugs'] ?? true,
                $file['wiring']['dashPlugs'] ?? false,
            ),
            $fans,
            $control,
            isset($file['fit']) ? new Fit(...[...$file['fit'], 'shroudWork' => ShroudWork::from($file['fit']['shroudWork'] ?? 'none')]) : null,
            isset($file['driveline']) ? new Driveline(...$file['driveline']) : null,
            $runs->segments,
            $pinned,
            new Usage($file['usage']['hoursPerYear'] ?? Usage::USUAL_HOURS_PER_YEAR, $file['usage']['startsPerHour'] ?? null),
            new Heat(...[...($file['heat'] ?? []), 'isTold' => isset($file['heat']['ratedKw'])]),
            array_map(static fn (array $accepted): Acceptance => new Acceptance(...$accepted), $file['accepted'] ?? []),
            self::engineFan($file['engineFan'] ?? null),
            array_map(static fn (array $candidate): FanCandidate => new FanCandidate(...$candidate), array_values($file['candidates'] ?? [])),
            $this->plan($file['plan'] ?? null),
            new RoadLoad(...($file['roadLoad'] ?? [])),
            $this->found($file),
            array_values($file['renewed'] ?? []),
        );
        if ($this->problems !== []) {
            throw new InvalidInput($this->problems);
        }

        return $brief;
    }

    /** @param  array<string, mixed>  $file */
    private function found(array $file): ?Found
    {
        $told = $file['found'] ?? null;
        if ($told === null) {
            return null;
        }
        $arrangement = [
            'fans' => $told['fans'], 'control' => $told['control'], 'runs' => $told['runs'] ?? [], 'found' => null, 'renewed' => [], 'pinned' => [],
            'candidates' => [],
        ];
        try {
            $brief = self::read([...$file, ...$arrangement], $this->shelf, $this->control);
        } catch (InvalidInput $refused) {
            // What is wrong with the vehicle itself is told of the whole.
            foreach ($refused->problems as $problem) {
                if (preg_match('~^/(fans|control|runs)/~', $problem->at) === 1) {
                    $this->refuse("/found{$problem->at}", $problem->message);
                }
            }

            return null;
        }

        return new Found(
            $brief,
            array_map(static fn (array $part): FoundPart => new FoundPart(...[...$part, 'seen' => Seen::from($part['seen'] ?? 'told')]), $told['parts'] ?? []),
            array_map(static fn (array $wrong): FoundFault => new FoundFault(...$wrong), array_values($told['wrong'] ?? [])),
        );
    }

    /** @param  array<string, mixed>  $control */
    private function control(array $control): Control
    {
        $stages = array_map($this->stage(...), array_values($control['stages']));
        $stageIds = array_column($control['stages'], 'id');
        $asked = $control['airConditioning']['stages'] ?? [];
        foreach ([...self::named('/control/airConditioning/stages', $asked), ...$this->stagesOfOverrides($control['overrides'])] as $path => $id) {
            if (! in_array($id, $stageIds, true)) {
                $this->refuse($path, Message::of('refusal.no-such-stage', stage: $id));
            }
        }
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
                $asked ?: [$stages[0]->id],
                $airConditioning['fuseA'] ?? null,
                ClutchTap::from($airConditioning['tap'] ?? ClutchTap::Behind->value),
            ),
            $this->overrides(array_values($control['overrides'])),
            $afterRun === null ? null : new AfterRun($afterRun['delayS'], AfterRunStart::from($afterRun['startedBy'] ?? 'key')),
            new Lockouts(self::engineSpeed($control['lockouts']['engineSpeed'] ?? null), $control['lockouts']['cranking'] ?? false),
            $control['tappedFuseA'] ?? null,
            $control['fuseBeforeA'] ?? null,
            RelayPlace::from($control['relayPlace'] ?? RelayPlace::Bay->value),
            $control['spareFeedA'] ?? null,
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

        return new Supply(...[...$supply, 'batteryPlace' => BatteryPlace::from($supply['batteryPlace'] ?? 'bay')]);
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
            array_map($this->control->decider(...), array_values($stage['parallel'] ?? [])),
            RelayLead::from($stage['relayLead'] ?? 'plus'),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $told
     * @return list<Override>
     */
    private function overrides(array $told): array
    {
        $overrides = [];
        foreach ($told as $at => $override) {
            $overrides[] = $this->control->override($override, $at + 1);
        }

        return $overrides;
    }

    /** @param  array<string, mixed>|null  $told */
    private function plan(?array $told): ?VehiclePlan
    {
        if ($told === null) {
            return null;
        }
        $zones = VehiclePlan::of($told['shape'])->zones;
        $known = array_filter($told['places'] ?? [], static fn (string $zone): bool => isset($zones[$zone]));
        foreach (array_diff_key($told['places'] ?? [], $known) as $place => $zone) {
            $this->refuse("/plan/places/{$place}", Message::of('refusal.no-such-zone', zone: $zone, zones: array_keys($zones)));
        }

        return VehiclePlan::of($told['shape'], $known);
    }

    /** @param  array<string, mixed>|null  $told */
    private static function engineFan(?array $told): ?EngineFan
    {
        return $told === null ? null : new EngineFan(EngineFanDrive::from($told['drive']), $told['isRemoved'], $told['diameterMm']);
    }

    /** @param  array<string, mixed>|null  $told */
    private static function engineSpeed(?array $told): ?EngineSpeedSwitch
    {
        return $told === null ? null : new EngineSpeedSwitch(
            $told['rpm'], EngineSpeedAction::from($told['action'] ?? 'opens-above'), $told['isInFeed'] ?? false,
        );
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, string> place to id
     */
    private static function named(string $path, array $ids): array
    {
        $named = [];
        foreach ($ids as $at => $id) {
            $named["{$path}/{$at}"] = $id;
        }

        return $named;
    }

    /**
     * @param  list<array<string, mixed>>  $overrides
     * @return array<string, string> place to id
     */
    private function stagesOfOverrides(array $overrides): array
    {
        $named = [];
        foreach ($overrides as $at => $override) {
            $named += self::named("/control/overrides/{$at}/stages", $override['stages'] ?? []);
        }

        return $named;
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
