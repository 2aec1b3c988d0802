<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Brief;
use LampThread\Brief\CoilFeed;
use LampThread\Brief\Stage;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\AirConditioning\Trigger;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Lockout\Lockout;
use LampThread\Circuit\Control\Lockout\LockoutsOf;
use LampThread\Circuit\Control\Override\Override;
use LampThread\Circuit\Control\Override\OverrideOf;

/** What a brief demands of each fan under given conditions, whatever its circuit then does. */
final readonly class FanDemand
{
    private ?Override $override;

    private ?Trigger $trigger;

    /** @var list<Lockout> */
    private array $lockouts;

    public function __construct(private Brief $brief, private Circuit $circuit)
    {
        $this->override = OverrideOf::control($brief->control);
        $this->trigger = TriggerOf::control($brief->control);
        $this->lockouts = LockoutsOf::control($brief->control);
    }

    /** @return array<string, Demand> by fan */
    public function in(OperatingConditions $conditions): array
    {
        $demands = [];
        foreach ($this->brief->control->stages as $at => $stage) {
            $demand = $this->stage($stage, $at === 0, $conditions);
            foreach ($stage->fanIds as $fan) {
                $demands[$fan] = ($demands[$fan] ?? Demand::Rest)->or($demand);
            }
        }
        $afterRun = $this->brief->control->afterRun;
        if ($afterRun !== null && AfterRunRelay::runs($afterRun, $conditions)) {
            $fan = $this->brief->control->stages[0]->fanIds[0];
            $demands[$fan] = match (true) {
                $demands[$fan]->runs() => $demands[$fan],
                $this->override?->isCut($conditions) === true => $afterRun->isPush ? Demand::Either : Demand::HeldOff,
                default => Demand::AfterRun,
            };
        }

        return $demands;
    }

    private function stage(Stage $stage, bool $isFirst, OperatingConditions $conditions): Demand
    {
        $override = $this->override?->demand($isFirst, $conditions);
        $open = array_filter($this->lockouts, static fn (Lockout $lockout): bool => $lockout->isOpen($conditions));
        $yielding = array_filter($open, static fn (Lockout $lockout): bool => $lockout->yieldsToOverride());
        if ($override === Demand::Override && $yielding !== []) {
            return Demand::Either;
        }
        if ($override === Demand::HeldOff || ($override === Demand::Override && $this->coilIsFed($stage, $conditions))) {
            return $conditions->key === Key::Crank && $override === Demand::Override ? Demand::Either : $override;
        }
        if ($open !== []) {
            return count($open) === count($yielding) && $this->isFedPastLockout() ? Demand::Either : Demand::HeldOff;
        }
        $decider = DeciderOf::stage($stage);
        $isFed = $decider->worksWithoutCoilFeed() || $this->coilIsFed($stage, $conditions);
        $asked = match (true) {
            $isFed && $decider->asks($stage, $conditions, $this->circuit) => $decider->demand(),
            $isFirst && $this->trigger?->asks($conditions, $this->coilIsFed($stage, $conditions)) === true => Demand::AirConditioning,
            default => Demand::Rest,
        };

        return $asked->runs() && $conditions->key === Key::Crank ? Demand::Either : $asked;
    }

    /** Whether the stage's coil has its feed: whatever joins its trigger then runs it. */
    private function coilIsFed(Stage $stage, OperatingConditions $conditions): bool
    {
        if ($stage->decider->keepsOriginalWiring() && $this->override?->changesOverFeed() !== true) {
            return $conditions->key === Key::Run;
        }

        return match ($this->brief->control->coilFeed) {
            CoilFeed::Battery => true,
            CoilFeed::Ignition => $conditions->key !== Key::Off,
            CoilFeed::Accessory => $conditions->key === Key::Run,
        };
    }

    /** Whether a relay on the clutch wire, or on the driver's switch, feeds the fan past the trigger line and what locks it. */
    private function isFedPastLockout(): bool
    {
        return $this->trigger?->feedsFan() === true || $this->override?->changesOverFeed() === true;
    }
}
