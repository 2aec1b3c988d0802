<?php

declare(strict_types=1);

namespace LampThread\Exchange\Reading;

use LampThread\Brief\Acceptance;
use LampThread\Brief\BatteryPlace;
use LampThread\Brief\Brief;
use LampThread\Brief\Cooling;
use LampThread\Brief\Driveline;
use LampThread\Brief\EngineFan;
use LampThread\Brief\EngineFanDrive;
use LampThread\Brief\Fan;
use LampThread\Brief\FanCandidate;
use LampThread\Brief\Fit;
use LampThread\Brief\Found;
use LampThread\Brief\FoundFault;
use LampThread\Brief\FoundPart;
use LampThread\Brief\Heat;
use LampThread\Brief\JobNotes;
use LampThread\Brief\Mount;
use LampThread\Brief\PinnedChoices;
use LampThread\Brief\RoadLoad;
use LampThread\Brief\Seen;
use LampThread\Brief\ShroudWork;
use LampThread\Brief\Supply;
use LampThread\Brief\Usage;
use LampThread\Brief\VehiclePlan;
use LampThread\Brief\Wiring;
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

    private function __construct(private readonly Shelf $shelf) {}

    /**
     * @param  array<string, mixed>  $file  as decoded, already valid against schema/job.json
     *
     * @throws InvalidInput with every problem found
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
        $controls = ControlReader::read($file['control']);
        array_push($this->problems, ...$controls->problems);
        $control = $controls->control;
        $runs = RunsReader::read($file['runs'] ?? [], $fans, Brief::awayM($control, $supply), $control->relayPlace, $this->shelf);
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
            $brief = self::read([...$file, ...$arrangement], $this->shelf);
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
