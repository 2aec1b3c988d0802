<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\AirConditioningTrigger;
use LampThread\Brief\Decider as DeciderOfBrief;
use LampThread\Brief\Override as OverrideOfBrief;
use LampThread\Circuit\Control\AirConditioning\AsksForNothing;
use LampThread\Circuit\Control\AirConditioning\ComputerIntoController;
use LampThread\Circuit\Control\AirConditioning\ComputerRequest;
use LampThread\Circuit\Control\AirConditioning\CondenserFanOutput;
use LampThread\Circuit\Control\AirConditioning\ControllerInput;
use LampThread\Circuit\Control\AirConditioning\DiodeIntoCoil;
use LampThread\Circuit\Control\AirConditioning\InterposingRelay;
use LampThread\Circuit\Control\AirConditioning\JoinedClutchWire;
use LampThread\Circuit\Control\AirConditioning\PressureIntoController;
use LampThread\Circuit\Control\AirConditioning\PressureSwitchTrigger;
use LampThread\Circuit\Control\AirConditioning\SeparateRelay;
use LampThread\Circuit\Control\AirConditioning\Trigger;
use LampThread\Circuit\Control\Decider\ComputerOutput;
use LampThread\Circuit\Control\Decider\Decider;
use LampThread\Circuit\Control\Decider\Hand;
use LampThread\Circuit\Control\Decider\OtherSwitch;
use LampThread\Circuit\Control\Decider\PressureDecider;
use LampThread\Circuit\Control\Decider\SteplessController;
use LampThread\Circuit\Control\Decider\ThermalSwitch;
use LampThread\Circuit\Control\Decider\Thermostat;
use LampThread\Circuit\Control\Decider\TwoStepSwitch;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Override\ChangeOver;
use LampThread\Circuit\Control\Override\ChangeOverBoth;
use LampThread\Circuit\Control\Override\CutOut;
use LampThread\Circuit\Control\Override\ForceOn;
use LampThread\Circuit\Control\Override\LowHigh;
use LampThread\Circuit\Control\Override\Override;
use LampThread\Circuit\Control\Override\PlugLowHigh;
use LampThread\Circuit\Control\Override\SensorOpen;
use LampThread\Circuit\Control\Override\ThreePosition;

/** Every kind of decider, air-conditioning trigger and override there is, in the order they are offered. */
final class Kinds
{
    /** @var non-empty-list<class-string<Decider>> */
    private const DECIDERS = [
        ThermalSwitch::class,
        TwoStepSwitch::class,
        Thermostat::class,
        ComputerOutput::class,
        SteplessController::class,
        PressureDecider::class,
        OtherSwitch::class,
        Hand::class,
    ];

    /** @var non-empty-list<class-string<Trigger>> */
    private const TRIGGERS = [
        AsksForNothing::class,
        SeparateRelay::class,
        InterposingRelay::class,
        DiodeIntoCoil::class,
        JoinedClutchWire::class,
        PressureSwitchTrigger::class,
        CondenserFanOutput::class,
        ComputerRequest::class,
        ControllerInput::class,
        PressureIntoController::class,
        ComputerIntoController::class,
    ];

    /** @var non-empty-list<class-string<Override>> */
    private const OVERRIDES = [
        ForceOn::class,
        ThreePosition::class,
        ChangeOver::class,
        ChangeOverBoth::class,
        PlugLowHigh::class,
        SensorOpen::class,
        LowHigh::class,
        CutOut::class,
    ];

    /** @return non-empty-array<string, class-string<Decider>> by kind */
    public static function deciders(): array
    {
        return array_combine(array_map(static fn (string $class): string => $class::kind(), self::DECIDERS), self::DECIDERS);
    }

    /** @return non-empty-array<string, class-string<Trigger>> by kind */
    public static function triggers(): array
    {
        return array_combine(array_map(static fn (string $class): string => $class::kind(), self::TRIGGERS), self::TRIGGERS);
    }

    /** @return non-empty-array<string, class-string<Override>> by kind */
    public static function overrides(): array
    {
        return array_combine(array_map(static fn (string $class): string => $class::kind(), self::OVERRIDES), self::OVERRIDES);
    }

    /** @param  array<string, mixed>  $decider  its place in a job file that fits the schema */
    public static function decider(array $decider): DeciderOfBrief
    {
        $class = self::deciders()[$decider['kind']];

        return $class::read(FieldValues::of($class::fields(), $decider));
    }

    public static function airConditioningTrigger(string $kind): AirConditioningTrigger
    {
        return new (self::triggers()[$kind]);
    }

    /**
     * @param  array<string, mixed>  $override  its place in a job file that fits the schema
     * @param  int  $number  which of the job’s overrides it is, from 1
     */
    public static function override(array $override, int $number): OverrideOfBrief
    {
        $class = self::overrides()[$override['kind']];

        return $class::read(FieldValues::of($class::fields(), $override), $number);
    }
}
