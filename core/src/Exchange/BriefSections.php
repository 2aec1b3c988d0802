<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Brief\Compressor;
use LampThread\Brief\Fan;
use LampThread\Brief\FoundPart;
use LampThread\Brief\Heat;
use LampThread\Brief\RoadLoad;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Usage;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Override\Override;
use LampThread\Circuit\Control\Override\OverridesOf;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/** The brief folded: each section in one line, with what of it is still taken as usual and what is not told at all. */
final readonly class BriefSections
{
    /** @param  array<string, mixed>  $file  the job's, as decoded */
    private function __construct(private Brief $brief, private array $file) {}

    /**
     * @param  array<string, mixed>  $file
     * @return list<array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>}> in working order
     */
    public static function of(Brief $brief, array $file, VehicleState $state): array
    {
        $sections = new self($brief, $file);
        if ($state === VehicleState::Found) {
            return [
                $sections->fans(), $sections->stages(), $sections->airConditioning(), $sections->overrides(), $sections->lockouts(), $sections->feeds(),
                $sections->lengths(), $sections->foundParts(), $sections->wrong(),
            ];
        }

        return [
            $sections->vehicle(),
            $sections->found(),
            $sections->supply(),
            $sections->cooling(),
            $sections->fans(),
            $sections->fit(),
            $sections->stages(),
            $sections->airConditioning(),
            $sections->overrides(),
            $sections->lockouts(),
            $sections->feeds(),
            $sections->lengths(),
        ];
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function vehicle(): array
    {
        $job = $this->brief->job;
        $isAssumed = ! isset($this->file['usage']['hoursPerYear']);

        return $this->section(
            'vehicle',
            Message::verbatim($job->vehicle === '' ? $job->title : $job->vehicle),
            $isAssumed ? [Message::of('brief.assumed.hours', hours: Unit::Hour->of(Usage::USUAL_HOURS_PER_YEAR))] : [],
            ['vehicle' => $job->vehicle === '', 'complaint' => $job->notes === ''],
        );
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function found(): array
    {
        $found = $this->brief->found;

        return $this->section('found', $found === null ? Message::of('brief.found.nothing') : Message::of(
            'brief.found', fans: count($found->brief->fans), renewed: count($this->brief->renewed), wrong: count($found->wrong),
        ));
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function foundParts(): array
    {
        $known = array_filter($this->brief->found->parts ?? [], static fn (FoundPart $part): bool => $part->seen->isJudged());

        return $this->section('found-parts', Message::of('brief.found-parts', known: count($known)));
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function wrong(): array
    {
        return $this->section('wrong', Message::of('brief.wrong', wrong: count($this->brief->found->wrong ?? [])));
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function supply(): array
    {
        $supply = $this->brief->supply;

        return $this->section('supply', Message::of(
            'brief.supply', system: Unit::Volt->of($supply->systemV), battery: Unit::AmpereHour->of($supply->batteryAh), place: $supply->batteryPlace->value,
            idle: Unit::Ampere->of($supply->alternatorIdleA),
        ), assumed: [
            ...(isset($this->file['supply']['batteryPlace']) ? [] : [Message::of('brief.assumed.battery-place')]),
            ...($supply->bodyMilliohm === null ? [Message::of('brief.assumed.body', ohm: Unit::Milliohm->of($supply->batteryPlace->bodyMilliohm()))] : []),
        ]);
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function cooling(): array
    {
        $heat = $this->file['heat'] ?? [];
        $told = static fn (string $name): bool => isset($heat[$name]);
        $engineFan = $this->brief->engineFan;

        return $this->section('cooling', Message::of(
            'brief.cooling', opens: Unit::Celsius->of($this->brief->cooling->thermostatOpensC), ceiling: Unit::Celsius->of($this->brief->cooling->ceilingC),
            engineFan: $engineFan === null ? 'none' : ($engineFan->isRemoved ? 'removed' : 'kept'),
        ), assumed: [
            ...($told('ratedKw') ? [] : [Message::of('brief.assumed.rated', power: Unit::Kilowatt->of(Heat::USUAL_RATED_KW))]),
            ...($told('engineKg') ? [] : [Message::of('brief.assumed.engine', mass: Heat::USUAL_ENGINE_KG)]),
            ...(isset($this->file['roadLoad']['massKg']) ? [] : [Message::of('brief.assumed.mass', mass: RoadLoad::USUAL_MASS_KG)]),
        ]);
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function fans(): array
    {
        return $this->section('fans', Message::of('brief.fans', fans: array_map(static fn (Fan $fan): Message => Message::of(
            'brief.fan', name: $fan->name, diameter: Unit::Millimetre->of($fan->diameterMm), run: Unit::Ampere->of($fan->runA),
        ), $this->brief->fans)), assumed: array_values(array_filter(array_map(
            static fn (array $told, Fan $fan): ?Message => isset($told['startA']) ? null : Message::of(
                'brief.assumed.start', fan: $fan->name, start: Unit::Ampere->of($fan->startA),
            ), $this->file['fans'], $this->brief->fans,
        ))));
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function fit(): array
    {
        $fit = $this->brief->fit;

        return $this->section('fit', $fit === null ? Message::of('brief.fit.none') : Message::of(
            'brief.fit', width: Unit::Millimetre->of($fit->coreWidthMm), height: Unit::Millimetre->of($fit->coreHeightMm),
            covered: Unit::Percent->of(round(100 * $fit->coveredShare($this->brief->fans))),
        ), missing: ['core' => $fit === null]);
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function stages(): array
    {
        return $this->section('stages', Message::of('brief.stages', stages: array_map(self::stage(...), $this->brief->control->stages)));
    }

    private static function stage(Stage $stage): Message
    {
        $names = array_map(static function (Stage $deciding): Message {
            $option = DeciderOf::stage($deciding)->option();

            return Message::of("option.decider.{$option}.label");
        }, $stage->deciding());
        $band = $stage->decider->band();

        return $band === null
            ? Message::of('brief.stage', by: $names)
            : Message::of('brief.stage.band', by: $names, on: Unit::Celsius->of($band->onC), off: Unit::Celsius->of($band->offC));
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function airConditioning(): array
    {
        $told = $this->brief->control->airConditioning;
        $trigger = TriggerOf::control($this->brief->control);
        if ($told === null || $trigger === null) {
            return $this->section('air-conditioning', Message::of('option.air-conditioning.none.label'));
        }
        $kind = $trigger::kind();
        $isTapped = $trigger->usesClutchWire() && $told->fuseA === null;

        return $this->section('air-conditioning', Message::of(
            'brief.air-conditioning', by: Message::of("option.air-conditioning.{$kind}.label"), isVariable: $told->compressor === Compressor::Variable,
            stages: count($told->stageIds) === count($this->brief->control->stages) ? 'all' : str_replace('-', ' ', implode(', ', $told->stageIds)),
        ), $isTapped ? [Message::of('brief.assumed.clutch-fuse', fuse: Unit::Ampere->of(VehicleFuse::USUAL_A))] : []);
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function overrides(): array
    {
        $names = array_map(static function (Override $override): Message {
            $kind = $override::kind();

            return Message::of("option.override.{$kind}.label");
        }, OverridesOf::control($this->brief->control));
        $afterRun = $this->brief->control->afterRun;

        return $this->section('overrides', Message::of(
            'brief.overrides', has: $names !== [], by: $names, runsOn: $afterRun !== null, delay: Unit::Second->of($afterRun->delayS ?? 0.0),
        ));
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function lockouts(): array
    {
        $lockouts = $this->brief->control->lockouts;
        $speed = $lockouts->engineSpeed;

        return $this->section('lockouts', Message::of(
            'brief.lockouts', hasSpeed: $speed !== null, speed: Unit::Rpm->of($speed->rpm ?? 0.0), isCranking: $lockouts->cranking,
        ), missing: ['driveline' => $speed !== null && $this->brief->driveline === null]);
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function feeds(): array
    {
        $control = $this->brief->control;
        $isAssumed = $control->coilFeed->isKeyed() && $control->tappedFuseA === null;

        return $this->section('feeds', Message::of(
            'brief.feeds', fan: Message::of("feed.{$control->feed->value}"), coil: Message::of("feed.{$control->coilFeed->value}"),
            earth: Message::of("earth.{$control->earth->value}"),
        ), $isAssumed ? [Message::of('brief.assumed.tapped-fuse', fuse: Unit::Ampere->of(VehicleFuse::USUAL_A))] : []);
    }

    /** @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>} */
    private function lengths(): array
    {
        $told = count(array_filter($this->file['runs'] ?? [], static fn (array $run): bool => isset($run['lengthM'])));

        return $this->section('lengths', Message::of('brief.lengths', told: $told, all: count(Stretch::cases())), [
            ...($told === 0 ? [Message::of('brief.assumed.lengths')] : []),
        ]);
    }

    /**
     * @param  list<Message>  $assumed
     * @param  array<string, bool>  $missing  what is asked to whether it is not told
     * @return array{id: string, summary: Message, assumed: list<Message>, missing: list<Message>}
     */
    private function section(string $id, Message $summary, array $assumed = [], array $missing = []): array
    {
        return [
            'id' => $id,
            'summary' => $summary,
            'assumed' => $assumed,
            'missing' => array_map(static fn (string $what): Message => Message::of("brief.missing.{$what}"), array_keys($missing, true, true)),
        ];
    }
}
