<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Feed;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\VehicleLead;
use LampThread\Circuit\Component\VehicleLoads;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;

/** What the vehicle brings: battery, charging, starter, the stud or circuit the fan is fed from, the compressor's clutch. */
final readonly class VehicleSupply implements Arrangement
{
    /** Battery cable to a stud, or to an old circuit's fuse and on, Ω (common practice, no source). */
    private const STUD_OHM = 0.003;

    private const CIRCUIT_OHM = 0.008;

    public function __construct(private bool $hasClutch) {}

    public function install(Harness $harness): void
    {
        $supply = $harness->brief->supply;
        $control = $harness->brief->control;
        $harness->add(new Battery($supply));
        $harness->add(new Alternator($supply));
        $harness->add(new VehicleLoads($supply));
        $feed = match ($control->feed) {
            Feed::Battery => null,
            Feed::FuseBoxStud => new VehicleLead('stud', $harness->mark('X'), 'Fuse-box stud', null, self::STUD_OHM),
            Feed::ExistingCircuit => new VehicleLead(
                'existing',
                $harness->mark('F'),
                'Fuse of the fan that was there',
                $control->existingFuseA,
                self::CIRCUIT_OHM,
            ),
        };
        $harness->leave(Line::FAN_FEED, $feed === null ? 'battery:+' : $harness->add($feed)->terminal('30'));
        if ($this->hasClutch) {
            $harness->leave(Line::CLUTCH, $harness->add(new Clutch($harness->mark('Y'), $supply->systemV))->terminal('1'));
        }
    }
}
