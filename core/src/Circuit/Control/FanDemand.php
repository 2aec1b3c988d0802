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
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\Control\Lockout\Lockout;
use LampThread\Circuit\Control\Lockout\LockoutsOf;
use LampThread\Circuit\Control\Override\Override;
use LampThread\Circuit\Control\Override\OverridesOf;

/** What a brief demands of each fan under given conditions, whatever its circuit then does. */
final readonly class FanDemand
{
    private ?Trigger $trigger;

    /** @var list<Lockout> */
    private array $lockouts;

    public function __construct(private Brief $brief, private Circuit $circuit)
    {
        $this->trigger = TriggerOf::control($brief->control);
        $this->lockouts = LockoutsOf::control($brief->control);
    }

    /** @return array<string, Demand> by fan */
    public function in(OperatingConditions $conditions): array
    {
        $demands = [];
        foreach ($this->brief->control->stages as $stage) {
            $demand = $this->stage($stage, $conditions);
            foreach ($stage->fanIds as $fan) {
                $demands[$fan] = ($demands[$fan] ?? Demand::Rest)->or($demand);
            }
        }
        $afterRun = $this->brief->control->afterRun;
        if ($afterRun !== null && AfterRunRelay::runs($afterRun, $conditions)) {
            $first = $this->brief->control->stages[0];
            $isCut = array_filter(OverridesOf::stage($first, $this->brief->control), static fn (Override $one): bool => $one->isCut($conditions)) !== [];
            foreach ($this->runOn($first) as $fan) {
                $demands[$fan] = match (true) {
                    $demands[$fan]->runs() => $demands[$fan],
                    $isCut => $afterRun->startedBy->isByHand() ? Demand::Either : Demand::HeldOff,
                    default => Demand::AfterRun,
                };
            }
        }

        return $demands;
    }

    /** @return non-empty-list<string> fans behind the contact the time relay lies beside */
    private function runOn(Stage $stage): array
    {
        return $stage->sharesRelay ? $stage->fanIds : [$stage->fanIds[0]];
    }

    private function stage(Stage $stage, OperatingConditions $conditions): Demand
    {
        $override = $this->override($stage, $conditions);
        $open = array_filter($this->lockouts, static fn (Lockout $lockout): bool => $lockout->isOpen($conditions));
        $yielding = array_filter($open, static fn (Lockout $lockout): bool => $lockout->yieldsToOverride());
        if ($override === Demand::Override && $yielding !== []) {
            return Demand::Either;
        }
        if ($override !== null) {
            return $conditions->key === Key::Crank && $override === Demand::Override ? Demand::Either : $override;
        }
        if ($open !== []) {
            return count($open) === count($yielding) && $this->isFedPastLockout($stage) ? Demand::Either : Demand::HeldOff;
        }
        $asked = $this->asked($stage, $conditions);

        return $asked->runs() && $conditions->key === Key::Crank ? Demand::Either : $asked;
    }

    private function asked(Stage $stage, OperatingConditions $conditions): Demand
    {
        $isFed = $this->loomIsFed($conditions);
        foreach ($stage->deciding() as $deciding) {
            $decider = DeciderOf::stage($deciding);
            if (($isFed || LoadOf::stage($stage)->isFedPastCoilFeed()) && $decider->asks($deciding, $conditions, $this->circuit)) {
                return $decider->demand();
            }
        }
        $isAsked = $this->brief->control->airConditioning?->asksFor($stage) === true && $this->trigger?->asks($conditions, $isFed) === true;

        return $isAsked ? Demand::AirConditioning : Demand::Rest;
    }

    /** What the drivers' switches want of a stage together: one that holds it off is enough, then one that runs it. */
    private function override(Stage $stage, OperatingConditions $conditions): ?Demand
    {
        $wanted = null;
        foreach (OverridesOf::stage($stage, $this->brief->control) as $override) {
            $demand = $override->demand($stage, $conditions, $this->brief->control);
            if ($demand === Demand::HeldOff) {
                return $demand;
            }
            $isFed = $override->changesOverFeed() ? $this->loomIsFed($conditions) : $this->loomIsFed($conditions);
            $wanted = $demand === Demand::Override && $isFed ? $demand : $wanted;
        }

        return $wanted;
    }

    /** Whether the coils have their feed: whatever joins a trigger then runs its stage. */
    private function loomIsFed(OperatingConditions $conditions): bool
    {
        return match ($this->brief->control->coilFeed) {
            CoilFeed::Ignition => $conditions->key !== Key::Off,
            CoilFeed::Accessory => $conditions->key === Key::Run,
            CoilFeed::Battery, CoilFeed::FuseBoxStud, CoilFeed::StarterTerminal, CoilFeed::AlternatorOutput, CoilFeed::ExistingCircuit => true,
        };
    }

    /** Whether a relay on the clutch wire, or on the driver's switch, feeds the fan past the trigger line and what locks it. */
    private function isFedPastLockout(Stage $stage): bool
    {
        return $this->trigger?->feedsFan() === true || $this->brief->control->changesOverFeed($stage);
    }
}
