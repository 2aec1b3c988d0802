<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\AirConditioningTrigger;
use LampThread\Brief\Brief;
use LampThread\Brief\Compressor;
use LampThread\Brief\Control;
use LampThread\Brief\OriginalControl;
use LampThread\Brief\OverrideKind;
use LampThread\Brief\Speeds;
use LampThread\Brief\SteplessController;
use LampThread\Brief\ThermalSwitch;

/** Which control ideas a brief calls for, in the order they are laid. */
final class Arrangements
{
    /** @return list<Arrangement> */
    public static function of(Brief $brief): array
    {
        $control = $brief->control;
        $airConditioning = $control->airConditioning;
        $hasClutch = $airConditioning?->compressor === Compressor::Clutch
            && ! in_array($airConditioning->trigger, [AirConditioningTrigger::PressureSwitch, AirConditioningTrigger::Computer], true);
        $loads = self::loads($control, $hasClutch);
        $lines = self::lines($control);
        $arrangements = [new VehicleSupply($hasClutch)];
        $fed = self::fed($control, $lines);
        if ($fed !== null) {
            $arrangements[] = new CoilSupply($fed);
        }
        $override = $control->override;
        if ($override?->kind === OverrideKind::ChangeOver) {
            $arrangements[] = new ChangeOver($control->stages[0], $override);
        }
        array_push($arrangements, ...$loads, ...$lines);
        if ($lines !== [] && $override?->kind === OverrideKind::ThreePosition) {
            $arrangements[] = new ThreePosition($override, $lines);
        }
        foreach ($lines as $line) {
            $arrangements[] = new LockedOut($control->lockouts, $line);
            $arrangements[] = new Deciding($line);
        }
        if ($airConditioning !== null) {
            $arrangements[] = new AirConditioned($airConditioning->trigger, $control->stages[0], $lines[0] ?? null);
        }
        if ($lines !== [] && $override !== null) {
            $arrangements[] = new Overriding($override, $lines);
        }
        $fanId = $control->stages[0]->fanIds[0];
        if ($control->afterRun !== null) {
            $arrangements[] = new RunOn($control->afterRun, $fanId);
        }
        if ($override?->indicator === true) {
            $arrangements[] = new Indicated($fanId);
        }

        return $arrangements;
    }

    /** @return list<Arrangement> */
    private static function loads(Control $control, bool $hasClutch): array
    {
        $first = $control->stages[0];
        if ($control->speeds !== null) {
            return [$control->speeds === Speeds::SeriesParallel ? new SeriesParallelPair($first) : new TwoSpeedFan($first, $control->speeds)];
        }
        $hearsClutch = $hasClutch && $control->airConditioning?->trigger === AirConditioningTrigger::ControllerInput;
        $loads = [];
        foreach ($control->stages as $stage) {
            $decider = $stage->decider;
            $loads[] = match (true) {
                $decider instanceof SteplessController => new SteplessFan($stage, $decider, $hearsClutch && $stage === $first),
                $decider instanceof ThermalSwitch && $decider->isDirect => new DirectFan($stage, $decider),
                $decider instanceof OriginalControl => new OriginalFan($stage, $decider),
                default => new RelayedFan($stage),
            };
        }

        return $loads;
    }

    /** @return list<TriggerLine> */
    private static function lines(Control $control): array
    {
        $lines = [];
        foreach ($control->stages as $at => $stage) {
            $decider = $stage->decider;
            if ($control->speeds !== null) {
                $high = $control->speeds === Speeds::SeriesParallel
                    ? [TwoSpeedFan::HIGH_RELAY, SeriesParallelPair::SERIES_RELAY]
                    : [TwoSpeedFan::HIGH_RELAY];
                $lines[] = TriggerLine::of($stage, $at === 0 ? [TwoSpeedFan::LOW_RELAY] : $high);
            } elseif ($decider instanceof OriginalControl) {
                $lines[] = TriggerLine::original($stage);
            } elseif (! $decider instanceof SteplessController && ! ($decider instanceof ThermalSwitch && $decider->isDirect)) {
                $lines[] = TriggerLine::of($stage, (new RelayedFan($stage))->relays());
            }
        }

        return $lines;
    }

    /**
     * A coil or input the coil feed is there for; null where nothing needs it.
     *
     * @param  list<TriggerLine>  $lines
     * @return array{string, string}|null
     */
    private static function fed(Control $control, array $lines): ?array
    {
        $coils = array_map(static fn (TriggerLine $line): ?string => $line->coil(), $lines);
        if ($control->override?->kind === OverrideKind::ChangeOver) {
            $coils[] = ChangeOver::relay($control->stages[0]->fanIds[0]);
        }
        foreach (array_filter($coils) as $coil) {
            return ["{$coil}:86", "{$coil}:85"];
        }
        foreach ($control->stages as $stage) {
            if ($stage->decider instanceof SteplessController) {
                return ["{$stage->id}-controller:15", "{$stage->id}-controller:31"];
            }
        }

        return null;
    }
}
