<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Which choices do not go together, and why. */
final class Combinations
{
    private const WHOLE = 'would cut the vehicle’s own trigger wire. Leave the original whole: let a change-over relay into the fan’s lead, or join the trigger.';

    /** @return list<Problem> */
    public static function problems(Brief $brief): array
    {
        return [
            ...self::speeds($brief->control),
            ...self::fans($brief),
            ...self::deciders($brief->control),
            ...self::original($brief->control),
            ...self::airConditioning($brief->control),
            ...self::override($brief->control),
            ...self::rest($brief->control),
        ];
    }

    /** Whether a stage is worked by a relay whose coil others can join. */
    private static function hasTrigger(Stage $stage): bool
    {
        return ! $stage->decider instanceof SteplessController
            && ! ($stage->decider instanceof ThermalSwitch && $stage->decider->isDirect);
    }

    /** Whether that relay is ours, so that its leads can be joined and its line cut. */
    private static function hasOwnRelay(Stage $stage): bool
    {
        return self::hasTrigger($stage) && ! $stage->decider instanceof OriginalControl;
    }

    /** @return list<Problem> */
    private static function speeds(Control $control): array
    {
        if ($control->speeds === null) {
            return [];
        }
        $stages = $control->stages;
        if (count($stages) !== 2 || $stages[0]->fanIds !== $stages[1]->fanIds) {
            return [new Problem('/control/speeds', 'two speeds need two stages, low and high, that name the same fans.')];
        }
        $wanted = $control->speeds === Speeds::SeriesParallel ? 2 : 1;
        if (count($stages[0]->fanIds) !== $wanted) {
            return [new Problem('/control/speeds', $wanted === 2
                ? 'series and parallel needs exactly two fans.'
                : 'a resistor or a second winding belongs to one fan.')];
        }

        return self::hasOwnRelay($stages[0]) && self::hasOwnRelay($stages[1])
            ? []
            : [new Problem('/control/speeds', 'two speeds are switched by relays; this decider carries the fan itself.')];
    }

    /** @return list<Problem> */
    private static function fans(Brief $brief): array
    {
        $problems = [];
        $runBy = array_fill_keys(array_map(static fn (Fan $fan): string => $fan->id, $brief->fans), 0);
        foreach ($brief->control->stages as $at => $stage) {
            foreach ($stage->fanIds as $fanAt => $id) {
                if (! isset($runBy[$id])) {
                    $problems[] = new Problem("/control/stages/{$at}/fans/{$fanAt}", "no fan has the id ‘{$id}’.");
                } elseif (++$runBy[$id] > 1 && $brief->control->speeds === null) {
                    $problems[] = new Problem("/control/stages/{$at}/fans/{$fanAt}", "‘{$id}’ is run by two stages. Say how its two speeds are made, or give each stage its own fan.");
                }
            }
        }
        foreach (array_keys($runBy, 0, true) as $id) {
            $problems[] = new Problem('/control/stages', "no stage runs the fan ‘{$id}’.");
        }

        return $problems;
    }

    /** @return list<Problem> */
    private static function deciders(Control $control): array
    {
        $problems = [];
        $outputs = [];
        foreach ($control->stages as $at => $stage) {
            $path = "/control/stages/{$at}";
            $decider = $stage->decider;
            $band = $decider->band();
            if ($band !== null && $band->offC >= $band->onC) {
                $problems[] = new Problem("{$path}/decider/offC", 'must be below the temperature at which it comes on.');
            }
            if ($decider instanceof ComputerOutput) {
                if (isset($outputs[$decider->output])) {
                    $problems[] = new Problem("{$path}/decider/output", "the computer’s output ‘{$decider->output}’ already works another stage.");
                }
                $outputs[$decider->output] = true;
            }
            $side = match (true) {
                $decider instanceof ComputerOutput, $decider instanceof OriginalControl => Side::Earth,
                $decider instanceof Thermostat && $decider->output === ThermostatOutput::ToEarth => Side::Earth,
                $decider instanceof Thermostat && $decider->output === ThermostatOutput::ToSupply => Side::Supply,
                default => $stage->side,
            };
            if ($side !== $stage->side) {
                $problems[] = new Problem("{$path}/side", "its output goes to {$side->value}, so the coil’s {$side->value} side is switched.");
            }
            if ($decider instanceof ThermalSwitch && $decider->isDirect && $decider->action === ThermalAction::OpensWhenHot) {
                $problems[] = new Problem("{$path}/decider/isDirect", 'a switch that opens when hot would run the fan cold.');
            }
        }

        return $problems;
    }

    /**
     * The vehicle's own control is kept whole or left alone: it runs one fan, first.
     *
     * @return list<Problem>
     */
    private static function original(Control $control): array
    {
        $problems = [];
        foreach ($control->stages as $at => $stage) {
            if (! $stage->decider instanceof OriginalControl) {
                continue;
            }
            if ($at > 0) {
                $problems[] = new Problem("/control/stages/{$at}/decider/kind", 'the original control runs the first stage; what is added comes after it.');
            }
            if (count($stage->fanIds) > 1) {
                $problems[] = new Problem("/control/stages/{$at}/fans/1", 'the original wiring reaches one fan; give this one a stage of its own.');
            }
            if ($control->existingFuseA === null) {
                $problems[] = new Problem('/control/existingFuseA', 'is needed: the original wiring is behind it.');
            }
        }

        return $problems;
    }

    /** @return list<Problem> */
    private static function airConditioning(Control $control): array
    {
        $trigger = $control->airConditioning?->trigger;
        if ($trigger === null) {
            return [];
        }
        $stage = $control->stages[0];
        $refusal = match (true) {
            $control->airConditioning?->compressor === Compressor::Variable
                && ! in_array($trigger, [AirConditioningTrigger::PressureSwitch, AirConditioningTrigger::Computer], true) => 'a variable compressor’s wire is live all the time, and so would the fan be. Use the pressure switch or the computer.',
            $trigger === AirConditioningTrigger::Computer => $stage->decider instanceof ComputerOutput || $stage->decider instanceof OriginalControl ? null : 'only where the engine computer works the fan.',
            $trigger === AirConditioningTrigger::ControllerInput => $stage->decider instanceof SteplessController ? null : 'only a stepless controller has an input for it.',
            $trigger === AirConditioningTrigger::SeparateRelay => match (true) {
                $stage->decider instanceof SteplessController => 'the controller holds the fan’s minus: a second feed into its plus does nothing.',
                $stage->decider instanceof ThermalSwitch && $stage->decider->isDirect && $stage->side === Side::Earth => 'the switch holds the fan’s minus: a second feed into its plus does nothing.',
                $control->speeds !== null => 'a two-speed fan has two leads to join; let the air conditioning join the trigger instead.',
                $control->override?->kind === OverrideKind::ChangeOver => 'the change-over relay already has the fan’s lead; let the air conditioning join the trigger instead.',
                default => null,
            },
            ! self::hasTrigger($stage) => 'there is no trigger to join: this decider carries the fan itself.',
            in_array($trigger, [AirConditioningTrigger::Diode, AirConditioningTrigger::Joined], true) && $stage->side === Side::Earth => 'the clutch wire is positive: it can feed a coil switched on the supply side, not earth one.',
            default => null,
        };

        return $refusal === null ? [] : [new Problem('/control/airConditioning/trigger', $refusal)];
    }

    /** @return list<Problem> */
    private static function override(Control $control): array
    {
        $kind = $control->override?->kind;
        if ($kind === null) {
            return [];
        }
        $stage = $control->stages[0];
        $refusal = match ($kind) {
            OverrideKind::SensorOpen => $stage->decider instanceof ComputerOutput && $stage->decider->openReadsHot
                ? null
                : 'only a computer that takes an open sensor as hot is overridden so. On many an open sensor reads as cold: prove it first.',
            OverrideKind::LowHigh => count($control->stages) === 2 && self::hasOwnRelay($stage) && self::hasOwnRelay($control->stages[1])
                ? null
                : 'low and high need two stages that are switched by relays.',
            OverrideKind::ChangeOver => self::hasTrigger($stage) && $control->speeds === null
                ? null
                : 'the change-over relay is let into the plus lead of a fan with one speed that a relay feeds.',
            OverrideKind::CutOut => match (true) {
                $stage->decider instanceof ThermalSwitch && $stage->decider->isDirect => 'there is no coil feed to cut: fit a switch rated for the fan.',
                $stage->decider instanceof OriginalControl => self::WHOLE,
                default => null,
            },
            OverrideKind::ThreePosition => match (true) {
                ! self::hasTrigger($stage) => 'there is no trigger to cut: this decider carries the fan itself.',
                $stage->decider instanceof OriginalControl => self::WHOLE,
                default => null,
            },
            OverrideKind::ForceOn => self::hasTrigger($stage)
                ? null
                : 'there is no trigger to join: this decider carries the fan itself.',
        };

        return $refusal === null ? [] : [new Problem('/control/override/kind', $refusal)];
    }

    /** @return list<Problem> */
    private static function rest(Control $control): array
    {
        $problems = [];
        $stage = $control->stages[0];
        if ($control->afterRun !== null && (! self::hasOwnRelay($stage) || $control->speeds !== null)) {
            $problems[] = new Problem('/control/afterRun', 'the delay relay lies in parallel with a fan’s own relay, and this fan has none of its own.');
        }
        $isLocked = ['aboveRpm' => $control->lockouts->aboveRpm !== null, 'cranking' => $control->lockouts->cranking];
        foreach (array_keys($isLocked, true, true) as $name) {
            if (! self::hasOwnRelay($stage)) {
                $problems[] = new Problem("/control/lockouts/{$name}", $stage->decider instanceof OriginalControl
                    ? self::WHOLE
                    : 'there is no trigger to open: this decider carries the fan itself.');
            }
        }
        if ($control->feed === Feed::ExistingCircuit && $control->existingFuseA === null) {
            $problems[] = new Problem('/control/existingFuseA', 'is needed: the new fuse must not be larger than the one it shares.');
        }

        return $problems;
    }
}
