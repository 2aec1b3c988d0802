<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\ClutchTap;
use LampThread\Brief\Feed;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\FeedPoint;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Component\VehicleLoads;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;

/** What the vehicle brings: battery, charging, starter, the stud or circuit the fan is fed from, the compressor's clutch. */
final readonly class VehicleSupply implements Arrangement
{
    public function __construct(private bool $hasClutch) {}

    public function install(Harness $harness): void
    {
        $supply = $harness->brief->supply;
        $control = $harness->brief->control;
        $harness->add(new Battery($supply));
        $harness->add(new VehicleLoads($supply));
        $live = $this->live($harness);
        $isFromOutput = isset($live[Feed::AlternatorOutput->value]);
        $harness->add($isFromOutput ? new Alternator($supply, $live[Feed::AlternatorOutput->value], $supply->cableOhm()) : new Alternator($supply));
        $harness->share(SharedTerminal::FAN_FEED, $live[$control->feed->value]);
        if ($control->coilFeed->liveFeed() !== null) {
            $harness->share(SharedTerminal::LIVE_COIL_FEED, $live[$control->coilFeed->liveFeed()->value]);
        }
        if ($this->hasClutch) {
            $harness->add(new VehicleFuse(VehicleFuse::CLUTCH, $harness->mark('FV'), $control->airConditioning->fuseA ?? VehicleFuse::USUAL_A));
            $harness->share(SharedTerminal::CLUTCH, $harness->add(new Clutch(
                $harness->mark('Y'), $supply->systemV, $control->airConditioning->tap ?? ClutchTap::Behind,
            ))->terminal('1'));
        }
    }

    /** @return array<string, string> place that fans or coils are fed from to its terminal */
    private function live(Harness $harness): array
    {
        $control = $harness->brief->control;
        $live = [];
        foreach (array_filter([$control->feed, $control->coilFeed->liveFeed()]) as $feed) {
            $live[$feed->value] ??= match ($feed) {
                Feed::Battery => Rail::SUPPLY,
                Feed::FuseBoxStud, Feed::StarterTerminal, Feed::AlternatorOutput => $harness->add(
                    new FeedPoint($feed, $harness->mark('X'), $harness->brief->supply->cableOhm()),
                )->terminalOut(),
                Feed::ExistingCircuit => $harness->add(
                    new VehicleFuse(VehicleFuse::EXISTING, $harness->mark('F'), $control->existingFuseA ?? VehicleFuse::USUAL_A),
                )->terminal('30'),
            };
        }

        return $live;
    }
}
