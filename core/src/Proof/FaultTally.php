<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Electrics\FaultKind;
use LampThread\Electrics\Key;

/**
 * Gathers what one fault does, state by state, into one outcome.
 *
 * @internal
 */
final class FaultTally
{
    private Harm $harm = Harm::Harmless;

    private ?int $shownBy = null;

    private float $airShare = 1.0;

    private float $drainA = 0.0;

    /** @var array<string, true> */
    private array $loses = [];

    /** @var array<string, true> */
    private array $keeps = [];

    /** @var array{string, float}|null */
    private ?array $opens = null;

    /** @var array{string, float}|null */
    private ?array $burns = null;

    private ?string $chatters = null;

    private bool $isNoticed = false;

    private int $states = 0;

    private bool $runsOn = false;

    private bool $comesLate = false;

    public function __construct(private readonly string $part, private readonly FaultKind $kind, private readonly bool $overrideRuns) {}

    public function unchanged(SoundState $sound): void
    {
        foreach ($sound->wants as $want) {
            if ($want->runs() && $sound->airM3h > 0) {
                $this->keeps($want);
            }
        }
    }

    public function changed(SoundState $sound): void
    {
        $this->states++;
    }

    public function opens(SoundState $sound, string $fuse, float $seconds): void
    {
        if ($this->opens === null || $seconds < $this->opens[1]) {
            $this->opens = [$fuse, $seconds];
        }
        $this->isNoticed = $this->isNoticed || $this->isOrdinary($sound);
    }

    public function burns(SoundState $sound, string $part, float $ampere): void
    {
        if ($this->burns === null || $ampere > $this->burns[1]) {
            $this->burns = [$part, $ampere];
            $this->worse(Harm::FireSide, $sound, true);
        }
    }

    /** @param  bool  $isAll  whether no air is left at all */
    public function loses(SoundState $sound, Want $want, float $airShare, bool $isAll): void
    {
        $isHot = $want === Want::Temperature || $want === Want::Hand;
        if ($isHot) {
            // Before it is hottest another stage may yet come on.
            $this->worse($isAll && $sound->isHottest ? Harm::NoCooling : Harm::LessCooling, $sound, $sound->isHottest && $airShare < $this->airShare);
            $this->airShare = $sound->isHottest ? min($this->airShare, $airShare) : $this->airShare;
            $this->comesLate = $this->comesLate || ! $sound->isHottest;
        } else {
            $this->worse(Harm::Silent, $sound, false);
        }
        if ($airShare < 0.9) {
            $this->loses[$want->value] = true;
        }
    }

    public function keeps(Want $want): void
    {
        $this->keeps[$want->value] = true;
    }

    public function runsOn(SoundState $sound, string $fan): void
    {
        $this->runsOn = true;
        $this->isNoticed = true;
        $this->worse(Harm::RunsOn, $sound, false);
    }

    public function drains(SoundState $sound, float $ampere): void
    {
        $this->worse(Harm::Drains, $sound, $ampere > $this->drainA);
        $this->drainA = max($this->drainA, $ampere);
    }

    public function chatters(SoundState $sound, string $relay): void
    {
        $this->chatters = $relay;
        $this->isNoticed = true;
    }

    public function outcome(): FaultOutcome
    {
        $loses = array_keys($this->loses);
        $isCoolingLost = $this->harm === Harm::NoCooling || $this->harm === Harm::LessCooling || isset($this->loses[Want::Temperature->value]);

        return new FaultOutcome(
            $this->part,
            $this->kind,
            $this->harm,
            $this->words($loses, $isCoolingLost),
            $this->shownBy,
            $this->opens[0] ?? null,
            $this->opens[1] ?? null,
            $this->airShare,
            $this->drainA,
            $loses,
            $this->overrideRuns && $isCoolingLost ? isset($this->keeps[Want::Override->value]) && ! isset($this->loses[Want::Override->value]) : null,
            $this->isNoticed,
            $this->states,
        );
    }

    private function worse(Harm $harm, SoundState $sound, bool $isWorseOfItsKind): void
    {
        $order = array_flip(array_column(Harm::cases(), 'value'));
        if ($order[$harm->value] < $order[$this->harm->value] || ($harm === $this->harm && $isWorseOfItsKind)) {
            $this->harm = $harm;
            $this->shownBy = $sound->state->number;
        }
    }

    /** Whether a driver sees this state every day: under way, nothing thrown, nothing asked for. */
    private function isOrdinary(SoundState $sound): bool
    {
        return $sound->state->point->setting->key === Key::Run && $sound->airM3h === 0.0;
    }

    /** @param  list<string>  $loses */
    private function words(array $loses, bool $isCoolingLost): string
    {
        $says = [];
        if ($this->burns !== null) {
            $says[] = sprintf('%s is left carrying %.3g A: no fuse opens for it.', $this->burns[0], $this->burns[1]);
        } elseif ($this->opens !== null) {
            $says[] = sprintf('%s opens within %s.', $this->opens[0], self::time($this->opens[1]));
        }
        if ($this->airShare >= 1 && $this->comesLate) {
            $says[] = 'Cooling comes late: at the first temperature air is missing.';
        } elseif ($this->airShare < 1) {
            $says[] = $this->airShare < 0.1 ? 'Hot, no fan runs.' : sprintf('Hot, %.0f %% of the air is left.', 100 * $this->airShare);
        }
        $other = array_values(array_diff($loses, [Want::Temperature->value, Want::Hand->value]));
        if ($other !== []) {
            $says[] = 'Not run any more by '.implode(', ', $other).'.';
        }
        if ($this->runsOn) {
            $says[] = 'A fan runs unasked.';
        }
        if ($this->drainA > 0) {
            $says[] = sprintf('Draws %.3g A with the key out.', $this->drainA);
        }
        if ($this->chatters !== null) {
            $says[] = "{$this->chatters} chatters.";
        }
        if ($says === [] && $this->states > 0) {
            $says[] = 'Changes nothing anyone would notice.';
        }

        return $says === [] ? 'Changes nothing.' : implode(' ', $says);
    }

    private static function time(float $seconds): string
    {
        return match (true) {
            $seconds < 1 => sprintf('%.2g s', $seconds),
            $seconds < 100 => sprintf('%.0f s', $seconds),
            default => sprintf('%.0f min', $seconds / 60),
        };
    }
}
