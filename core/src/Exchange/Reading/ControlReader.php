<?php

declare(strict_types=1);

namespace LampThread\Exchange\Reading;

use LampThread\Brief\AfterRun;
use LampThread\Brief\AfterRunStart;
use LampThread\Brief\AirConditioning;
use LampThread\Brief\ClutchTap;
use LampThread\Brief\CoilFeed;
use LampThread\Brief\Compressor;
use LampThread\Brief\Control;
use LampThread\Brief\EarthReturn;
use LampThread\Brief\EngineSpeedAction;
use LampThread\Brief\EngineSpeedSwitch;
use LampThread\Brief\Feed;
use LampThread\Brief\Lockouts;
use LampThread\Brief\Override;
use LampThread\Brief\RelayLead;
use LampThread\Brief\RelayPlace;
use LampThread\Brief\Side;
use LampThread\Brief\Speeds;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Kinds;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** What decides, triggers and overrides, as a job file tells it, and what is wrong with that. */
final class ControlReader
{
    public readonly Control $control;

    /** @var list<Problem> */
    public array $problems = [];

    /** @param  array<string, mixed>  $control  valid against schema/job.json */
    private function __construct(array $control)
    {
        $this->control = $this->control($control);
    }

    /**
     * @param  array<string, mixed>  $control  valid against schema/job.json
     *
     * @throws InvalidInput where no stage is left
     */
    public static function read(array $control): self
    {
        return new self($control);
    }

    /** @param  array<string, mixed>  $control */
    private function control(array $control): Control
    {
        $stages = array_map(self::stage(...), array_values($control['stages']));
        $stageIds = array_column($control['stages'], 'id');
        $asked = $control['airConditioning']['stages'] ?? [];
        foreach ([...self::named('/control/airConditioning/stages', $asked), ...self::stagesOfOverrides($control['overrides'])] as $path => $id) {
            if (! in_array($id, $stageIds, true)) {
                $this->problems[] = new Problem($path, Message::of('refusal.no-such-stage', stage: $id));
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
                Kinds::airConditioningTrigger($airConditioning['trigger']),
                $asked ?: [$stages[0]->id],
                $airConditioning['fuseA'] ?? null,
                ClutchTap::from($airConditioning['tap'] ?? ClutchTap::Behind->value),
            ),
            self::overrides(array_values($control['overrides'])),
            $afterRun === null ? null : new AfterRun($afterRun['delayS'], AfterRunStart::from($afterRun['startedBy'] ?? 'key')),
            new Lockouts(self::engineSpeed($control['lockouts']['engineSpeed'] ?? null), $control['lockouts']['cranking'] ?? false),
            $control['tappedFuseA'] ?? null,
            $control['fuseBeforeA'] ?? null,
            RelayPlace::from($control['relayPlace'] ?? RelayPlace::Bay->value),
            $control['spareFeedA'] ?? null,
        );
    }

    /** @param  array<string, mixed>  $stage */
    private static function stage(array $stage): Stage
    {
        return new Stage(
            $stage['id'],
            $stage['fans'],
            Side::from($stage['side']),
            Kinds::decider($stage['decider']),
            $stage['sharesRelay'] ?? false,
            array_map(Kinds::decider(...), array_values($stage['parallel'] ?? [])),
            RelayLead::from($stage['relayLead'] ?? 'plus'),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $told
     * @return list<Override>
     */
    private static function overrides(array $told): array
    {
        $overrides = [];
        foreach ($told as $at => $override) {
            $overrides[] = Kinds::override($override, $at + 1);
        }

        return $overrides;
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
    private static function stagesOfOverrides(array $overrides): array
    {
        $named = [];
        foreach ($overrides as $at => $override) {
            $named += self::named("/control/overrides/{$at}/stages", $override['stages'] ?? []);
        }

        return $named;
    }
}
