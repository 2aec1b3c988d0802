<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\AirConditioningTrigger;
use LampThread\Brief\Brief;
use LampThread\Brief\CoilFeed;
use LampThread\Brief\ComputerOutput;
use LampThread\Brief\Hand;
use LampThread\Brief\OriginalControl;
use LampThread\Brief\OverrideKind;
use LampThread\Brief\PressureDecider;
use LampThread\Brief\Stage;
use LampThread\Brief\ThermalSwitch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\Hysteresis;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;

/** What a brief wants of each fan in a setting, whatever its circuit then does. */
final readonly class Wants
{
    public function __construct(private Brief $brief, private Circuit $circuit) {}

    /** @return array<string, Want> by fan */
    public function in(Setting $setting): array
    {
        $wants = [];
        foreach ($this->brief->control->stages as $at => $stage) {
            $want = $this->stage($stage, $at === 0, $setting);
            foreach ($stage->fanIds as $fan) {
                $wants[$fan] = ($wants[$fan] ?? Want::Rest)->or($want);
            }
        }
        $afterRun = $this->brief->control->afterRun;
        if ($afterRun !== null && $setting->elapsedS !== null && $setting->elapsedS < $afterRun->delayS && ($setting->key === Key::Off || $afterRun->isPush)) {
            $fan = $this->brief->control->stages[0]->fanIds[0];
            $wants[$fan] = match (true) {
                $wants[$fan]->runs() => $wants[$fan],
                $this->isCut($setting) => $afterRun->isPush ? Want::Either : Want::HeldOff,
                default => Want::AfterRun,
            };
        }

        return $wants;
    }

    private function stage(Stage $stage, bool $isFirst, Setting $setting): Want
    {
        $control = $this->brief->control;
        $override = $this->override($isFirst, $stage, $setting);
        $isPastLockout = $control->lockouts->aboveRpm !== null && $setting->engineRpm >= $control->lockouts->aboveRpm;
        if ($override === Want::Override && $isPastLockout) {
            return Want::Either;
        }
        if ($override === Want::HeldOff || ($override === Want::Override && $this->coilIsFed($stage, $setting))) {
            return $setting->key === Key::Crank && $override === Want::Override ? Want::Either : $override;
        }
        if ($setting->key === Key::Crank && $control->lockouts->cranking) {
            return Want::HeldOff;
        }
        if ($isPastLockout) {
            return $this->hasOwnFeed() ? Want::Either : Want::HeldOff;
        }
        $asked = match (true) {
            $this->isAsked($stage, $setting) => $stage->decider instanceof Hand ? Want::Hand : Want::Temperature,
            $isFirst && $this->airConditioningAsks($stage, $setting) => Want::AirConditioning,
            default => Want::Rest,
        };

        return $asked->runs() && $setting->key === Key::Crank ? Want::Either : $asked;
    }

    /** Whether the decider asks and can be heard. */
    private function isAsked(Stage $stage, Setting $setting): bool
    {
        $decider = $stage->decider;
        if (! $this->isFed($stage, $setting) || ($decider instanceof OriginalControl && $setting->key !== Key::Run)) {
            return false;
        }
        if ($decider instanceof Hand) {
            return $setting->position("{$stage->id}-switch", 'off') === 'on';
        }
        if ($decider instanceof PressureDecider) {
            return $setting->position(PressureSwitch::INPUT, 'normal') === PressureSwitch::HIGH;
        }
        foreach ($this->circuit->feelers() as $id => $feeler) {
            if (str_starts_with($id, "{$stage->id}-") && Hysteresis::of($feeler->band(), $setting, $id) === Hysteresis::HOT) {
                return true;
            }
        }

        return false;
    }

    /** Whether what decides can work the fan now. */
    private function isFed(Stage $stage, Setting $setting): bool
    {
        return match (true) {
            $stage->decider instanceof ThermalSwitch && $stage->decider->isDirect => true,
            $stage->decider instanceof ComputerOutput => $setting->key === Key::Run && $this->coilIsFed($stage, $setting),
            default => $this->coilIsFed($stage, $setting),
        };
    }

    /** Whether the stage's coil has its feed: whatever joins its trigger then runs it. */
    private function coilIsFed(Stage $stage, Setting $setting): bool
    {
        if ($stage->decider instanceof OriginalControl && $this->brief->control->override?->kind !== OverrideKind::ChangeOver) {
            return $setting->key === Key::Run;
        }

        return match ($this->brief->control->coilFeed) {
            CoilFeed::Battery => true,
            CoilFeed::Ignition => $setting->key !== Key::Off,
            CoilFeed::Accessory => $setting->key === Key::Run,
        };
    }

    private function override(bool $isFirst, Stage $stage, Setting $setting): ?Want
    {
        $position = $setting->position('override', '');

        return match ($this->brief->control->override?->kind) {
            OverrideKind::CutOut => $this->isCut($setting) ? Want::HeldOff : null,
            OverrideKind::LowHigh => $position === 'high' || ($position === 'low' && $isFirst) ? Want::Override : null,
            null => null,
            OverrideKind::ThreePosition => match (true) {
                $position === 'off' => Want::HeldOff,
                $position === 'on' && $isFirst => Want::Override,
                default => null,
            },
            default => $position === 'on' && $isFirst && $this->overrideIsFed($setting) ? Want::Override : null,
        };
    }

    /** An override that joins a computer's trigger is fed by the coil, not by the computer. */
    private function overrideIsFed(Setting $setting): bool
    {
        return $this->brief->control->override?->kind !== OverrideKind::SensorOpen || $setting->key === Key::Run;
    }

    private function isCut(Setting $setting): bool
    {
        return $this->brief->control->override?->kind === OverrideKind::CutOut && $setting->position('override', '') === 'cut';
    }

    /** A relay on the clutch wire, or on the driver's switch, feeds the fan past the trigger line and what locks it. */
    private function hasOwnFeed(): bool
    {
        return $this->brief->control->airConditioning?->trigger === AirConditioningTrigger::SeparateRelay
            || $this->brief->control->override?->kind === OverrideKind::ChangeOver;
    }

    private function airConditioningAsks(Stage $stage, Setting $setting): bool
    {
        return match ($this->brief->control->airConditioning?->trigger) {
            null => false,
            AirConditioningTrigger::PressureSwitch => $this->coilIsFed($stage, $setting) && $setting->position(PressureSwitch::INPUT, 'normal') === PressureSwitch::HIGH,
            default => $setting->key === Key::Run && $setting->position(Clutch::INPUT, Clutch::OFF) === Clutch::ON,
        };
    }
}
