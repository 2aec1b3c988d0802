<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Feed;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\FuseBoxStud;
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
        $harness->add(new Alternator($supply));
        $harness->add(new VehicleLoads($supply));
        if ($control->existingFuseA !== null && ($control->feed === Feed::ExistingCircuit || $control->keepsOriginal())) {
            $harness->add(new VehicleFuse(VehicleFuse::EXISTING, $harness->mark('F'), $control->existingFuseA));
        }
        $harness->share(SharedTerminal::FAN_FEED, match ($control->feed) {
            Feed::Battery => Rail::SUPPLY,
            Feed::FuseBoxStud => $harness->add(new FuseBoxStud($harness->mark('X')))->terminal('30'),
            Feed::ExistingCircuit => VehicleFuse::behind(VehicleFuse::EXISTING),
        });
        if ($this->hasClutch) {
            $harness->add(new VehicleFuse(VehicleFuse::CLUTCH, $harness->mark('FV'), $control->airConditioning->fuseA ?? VehicleFuse::USUAL_A));
            $harness->share(SharedTerminal::CLUTCH, $harness->add(new Clutch($harness->mark('Y'), $supply->systemV))->terminal('1'));
        }
    }
}
