<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\RequestInput;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\ComputerSignal;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\ProbeInput;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Control\Decider\ComputerOutput;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Circuit\ProbeWires;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A stepless controller that feeds the stage's fans, enabled by the coil feed, asked for all of it by its air-conditioning input. */
final readonly class SteplessFan implements Load
{
    /**
     * @param  \Closure(Harness, bool): Stepless  $controller  adds the controller, with or without its air-conditioning input
     * @param  bool  $isByComputer  whether the engine computer's signal tells it what to give, instead of a probe
     */
    public function __construct(private Stage $stage, private \Closure $controller, private bool $isByComputer = false) {}

    public function triggerLine(): null
    {
        return null;
    }

    public function hasOwnRelay(): bool
    {
        return false;
    }

    public function contact(): null
    {
        return null;
    }

    public function isFedPastCoilFeed(): bool
    {
        return false;
    }

    public function hasSide(): bool
    {
        return false;
    }

    public function switchesMinus(): bool
    {
        return true;
    }

    public function fedInput(): array
    {
        return ["{$this->stage->id}-controller:15", "{$this->stage->id}-controller:31"];
    }

    public function install(Harness $harness): void
    {
        $first = $this->stage->fanIds[0];
        $control = $harness->brief->control;
        $airConditioning = $control->airConditioning;
        $hasRequest = $airConditioning?->trigger->request() === RequestInput::Controller && $airConditioning->asksFor($this->stage);
        $controller = $harness->add(($this->controller)($harness, $hasRequest));
        [$fused, $group] = FusedFeed::install($harness, $first, Message::verbatim($harness->brief->fan($first)->name), "{$first}:+", "{$first}:-");
        $harness->wire($fused, $controller->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);
        foreach ($this->stage->fanIds as $fanId) {
            $fan = $harness->brief->fan($fanId);
            $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
            $branch = count($this->stage->fanIds) > 1 ? FusedFeed::branch($harness, $fan, $group) : $group;
            $harness->wire($controller->terminal('M+'), $motor->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $branch);
            $harness->wire($motor->terminal('-'), $controller->terminal('M-'), Stretch::FanToEarth, Colour::FanFeed, $branch);
        }
        $harness->wire($controller->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, $group);
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $controller->terminal('15'), Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        if (! $this->isByComputer) {
            ProbeWires::install($harness, $controller);

            return;
        }
        $signal = $harness->add(new ComputerSignal("{$controller->id}-signal", $harness->mark('A'), ComputerOutput::hearsAirConditioning($harness, $this->stage)));
        $harness->wire($controller->terminal(ProbeInput::FROM), $signal->terminal('1'), Stretch::Dash, Colour::Trigger, TriggerLine::WIRES);
    }
}
