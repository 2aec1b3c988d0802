<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Stage;
use LampThread\Brief\SteplessController;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;

/** A stepless controller that feeds the stage's fans, enabled by the coil feed, asked for all of it by its air-conditioning input. */
final readonly class SteplessFan implements Arrangement
{
    public function __construct(private Stage $stage, private SteplessController $decider, private bool $hearsClutch) {}

    public function install(Harness $harness): void
    {
        $first = $this->stage->fanIds[0];
        $controller = $harness->add(new Stepless("{$this->stage->id}-controller", $harness->mark('A'), $this->decider, $this->hearsClutch));
        [$fused, $reel] = FusedFeed::lay($harness, $first, $harness->brief->fan($first)->name, "{$first}:+", "{$first}:-");
        $harness->wire($fused, $controller->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $reel);
        foreach ($this->stage->fanIds as $fanId) {
            $motor = $harness->add(new FanMotor($harness->mark('M'), $harness->brief->fan($fanId)));
            $harness->wire($controller->terminal('M+'), $motor->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $reel);
            $harness->wire($motor->terminal('-'), $controller->terminal('M-'), Stretch::FanToEarth, Colour::FanFeed, $reel);
        }
        $harness->wire($controller->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, $reel);
        $enable = (string) $harness->left(Line::COIL_FEED);
        $harness->wire($enable, $controller->terminal('15'), Stretch::FuseToCoil, Colour::CoilFeed, CoilSupply::REEL);
        if ($this->hearsClutch) {
            $clutch = (string) $harness->left(Line::CLUTCH);
            $harness->wire($clutch, $controller->terminal('AC'), Stretch::Clutch, Colour::Trigger, CoilSupply::REEL);
        }
    }
}
