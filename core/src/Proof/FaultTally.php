<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Fault\Fault;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Road\StandingHeat;

/**
 * Gathers what one fault does, state by state, into one outcome.
 *
 * @internal
 */
final class FaultTally
{
    /** Share of the air below which whatever asked for it is not obeyed. */
    private const LOST_SHARE = 0.5;

    private Harm $harm = Harm::Harmless;

    /** How bad it is of its kind. */
    private float $badness = -INF;

    private ?Figure $figure = null;

    private ?int $shownBy = null;

    private float $airShare = 1.0;

    /** Air there is when it is hottest and all is sound, m³/h. */
    private float $soundM3h = 0.0;

    private float $drainA = 0.0;

    /** @var array<string, true> */
    private array $loses = [];

    /** @var array<string, true> */
    private array $lessens = [];

    /** @var array<string, true> */
    private array $keeps = [];

    /** @var array{fuse: string, soonestS: float, latestS: float}|null */
    private ?array $opens = null;

    /** @var array<string, Message> what is said of it besides, by code */
    private array $said = [];

    private float $supplyV = 0.0;

    private bool $isHeard = false;

    private bool $isShown = false;

    private int $states = 0;

    private bool $runsOn = false;

    private bool $comesLate = false;

    public function __construct(
        private readonly string $part,
        private readonly string $place,
        private readonly string $mark,
        private readonly Message $name,
        private readonly Fault $fault,
        private readonly bool $overrideRuns,
    ) {}

    public function unchanged(FaultFreeState $sound): void
    {
        foreach ($sound->demands as $demand) {
            if ($demand->runs() && $sound->airM3h > 0) {
                $this->keeps($demand);
            }
        }
    }

    public function changed(): void
    {
        $this->states++;
    }

    /** @param  float  $seconds  by which it has surely opened; INF where it is overloaded and need never open */
    public function opens(string $fuse, float $seconds): void
    {
        $this->opens ??= ['fuse' => $fuse, 'soonestS' => INF, 'latestS' => 0.0];
        $this->opens['soonestS'] = min($this->opens['soonestS'], $seconds);
        $this->opens['latestS'] = max($this->opens['latestS'], $seconds);
    }

    public function burns(?FaultFreeState $sound, string $part, float $ampere): void
    {
        $current = Unit::Ampere->of($ampere);
        if ($this->worse(Harm::Fire, $sound, $ampere, Figure::of('carries', $current))) {
            $this->said['burns'] = Message::of('effect.burns', part: $part, current: $current);
        }
    }

    public function burnsWithin(FaultFreeState $sound, string $part, float $ampere, float $seconds): void
    {
        $current = Unit::Ampere->of($ampere);
        if ($this->worse(Harm::Fire, $sound, $ampere, Figure::of('carries', $current))) {
            $this->said['burns'] = Message::of('effect.burns-within', part: $part, current: $current, within: FaultEffects::time($seconds));
        }
    }

    /** @param  float  $watts  in the bad joint */
    public function heats(FaultFreeState $sound, float $watts): void
    {
        if ($watts < Harm::SOFTENS_W) {
            return;
        }
        $heat = Unit::Watt->of($watts);
        if ($this->worse($watts >= Harm::BURNS_W ? Harm::Fire : Harm::Damage, $sound, $watts, Figure::of('joint-heat', $heat))) {
            $this->said['heats'] = Message::of('effect.joint-heats', heat: $heat, burns: $watts >= Harm::BURNS_W);
        }
    }

    /** A fuse is not what it should be: what its wires would then carry. */
    public function unprotected(string $part, float $ampere): void
    {
        $this->states++;
        $current = Unit::Ampere->of($ampere);
        if ($this->worse(Harm::Fire, null, $ampere, Figure::of('would-carry', $current))) {
            $this->said['burns'] = Message::of('effect.unprotected', part: $part, current: $current);
        }
    }

    /** A fuse is not what it should be, and its wires stand that. */
    public function stillProtected(): void
    {
        $this->states++;
        $this->worse(Harm::Silent, null, 0.0, null);
        $this->said['burns'] = Message::of('effect.still-protected');
    }

    /** @param  array{Message, Figure}  $damage */
    public function damages(FaultFreeState $sound, array $damage): void
    {
        if ($this->worse(Harm::Damage, $sound, abs($damage[1]->value->value), $damage[1])) {
            $this->said['damages'] = $damage[0];
        }
    }

    /** @param  bool  $isAll  whether no air is left at all */
    public function loses(FaultFreeState $sound, Demand $demand, float $airShare, bool $isAll): void
    {
        $isHot = $demand === Demand::Temperature || $demand === Demand::Hand;
        if ($isHot) {
            // Before it is hottest another stage may yet come on.
            $left = $sound->isHottest ? Figure::of('air-left', Unit::Percent->of(round(100 * $airShare))) : null;
            $this->worse($isAll && $sound->isHottest ? Harm::Stranded : Harm::LessCooling, $sound, $sound->isHottest ? 1 - $airShare : -1.0, $left);
            if ($sound->isHottest && $airShare < $this->airShare) {
                $this->airShare = $airShare;
                $this->soundM3h = $sound->airM3h;
            }
            $this->comesLate = $this->comesLate || ! $sound->isHottest;
        } else {
            $this->worse(Harm::Silent, $sound, 0.0, null);
        }
        if ($airShare < self::LOST_SHARE) {
            $this->loses[$demand->value] = true;
        } else {
            $this->lessens[$demand->value] = true;
        }
    }

    public function keeps(Demand $demand): void
    {
        $this->keeps[$demand->value] = true;
    }

    public function runsOn(FaultFreeState $sound): void
    {
        $this->runsOn = true;
        $this->isHeard = true;
        $this->worse(Harm::Noticed, $sound, 0.0, null);
    }

    public function drains(FaultFreeState $sound, float $ampere): void
    {
        $this->worse(Harm::Drains, $sound, $ampere, Figure::of('draws-key-out', Unit::Ampere->of($ampere)));
        $this->drainA = max($this->drainA, $ampere);
    }

    /** The battery alone feeds everything while the engine runs. */
    public function discharges(FaultFreeState $sound, float $ampere): void
    {
        $current = Unit::Ampere->of($ampere);
        if ($this->worse(Harm::Drains, $sound, $ampere, Figure::of('battery-gives', $current))) {
            $this->said['discharges'] = Message::of('effect.discharges', current: $current);
        }
    }

    public function chatters(FaultFreeState $sound, string $relay): void
    {
        $this->said['chatters'] = Message::of('effect.chatters', relay: $relay);
        $this->isHeard = true;
        $this->worse(Harm::Damage, $sound, 0.0, null);
    }

    /** All the vehicle feels it. */
    public function supplyAt(float $volts, float $lastsS): void
    {
        if (abs($volts) <= $this->supplyV) {
            return;
        }
        $this->supplyV = abs($volts);
        $this->said['supply'] = Message::of('effect.supply-at', volts: Unit::Volt->of($volts), isShort: $lastsS < 1.0);
    }

    /** @param  float  $ampere  the most any wire carries of it */
    public function starterCurrent(float $ampere): void
    {
        $this->isHeard = true;
        $this->worse(Harm::Noticed, null, 0.0, null);
        $this->said['starter'] = Message::of('effect.strap-open', current: Unit::Ampere->of($ampere));
    }

    public function misleads(): void
    {
        $this->said['indicator'] = Message::of('effect.indicator-misleads');
        $this->isShown();
    }

    /** The indicator or the vehicle's own warning tells of it. */
    public function isShown(): void
    {
        $this->isShown = true;
        $this->worse(Harm::Noticed, null, 0.0, null);
    }

    public function outcome(StandingHeat $heat): FaultOutcome
    {
        $loses = array_keys($this->loses);
        $isCoolingLost = $this->airShare < Harm::SAME_SHARE;
        $isCoolingMissed = $isCoolingLost || $this->comesLate || isset($this->loses[Demand::Temperature->value]);
        $heatsUp = $isCoolingLost ? $heat->heatsUp($this->airShare * $this->soundM3h) : null;
        $figure = $this->harm === Harm::Stranded ? HeatingEffect::figure($heatsUp) ?? $this->figure : $this->figure;

        return new FaultOutcome(
            $this->part,
            $this->place,
            $this->mark,
            $this->name,
            $this->fault,
            $this->harm,
            $figure,
            FaultEffects::of(
                array_values($this->said), $this->opens, $heatsUp, $this->airShare, $this->comesLate, $loses, array_keys($this->lessens), $this->runsOn, $this->drainA,
            ),
            $this->shownBy,
            $this->opens,
            $this->airShare,
            $this->drainA,
            $loses,
            $this->overrideRuns && $isCoolingMissed ? isset($this->keeps[Demand::Override->value]) && ! isset($this->loses[Demand::Override->value]) : null,
            match (true) {
                $this->isHeard => Notice::Noise,
                $this->isShown => Notice::Lamp,
                $isCoolingMissed => Notice::Gauge,
                default => Notice::Nothing,
            },
            $heatsUp?->boilsS,
            $this->states,
        );
    }

    /** @return bool whether it is the worst so far */
    private function worse(Harm $harm, ?FaultFreeState $sound, float $badness, ?Figure $figure): bool
    {
        if ($harm->rank() > $this->harm->rank() || ($harm === $this->harm && $badness <= $this->badness)) {
            return false;
        }
        $this->harm = $harm;
        $this->badness = $badness;
        $this->figure = $figure;
        $this->shownBy = $sound?->state->number;

        return true;
    }
}
