<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** What is broken: component or wire to how. */
final readonly class Faults
{
    /** How far off a drifted sensor reads, K (common practice, no source). */
    public const DRIFT_K = 10.0;

    /** The same for the same faults. */
    public string $key;

    /** The same where the same read wrongly; empty where nothing does. */
    public string $driftKey;

    /**
     * @param  array<string, FaultKind>  $byId
     * @param  array<string, float>  $jointOhms  component or wire to what its joints have more than they should, Ω
     * @param  array<string, float>  $draws  fan to the current it takes over what it was told to take
     */
    public function __construct(private array $byId = [], private array $jointOhms = [], private array $draws = [])
    {
        $key = '';
        $drifted = '';
        foreach ([...$jointOhms, ...$draws] as $id => $by) {
            $key .= "{$id}+{$by}&";
        }
        foreach ($byId as $id => $kind) {
            $key .= "{$id}={$kind->value}&";
            $drifted .= $this->driftK($id) === 0.0 ? '' : "{$id}={$kind->value}&";
        }
        $this->key = $key;
        $this->driftKey = $drifted;
    }

    public function isNone(): bool
    {
        return $this->byId === [] && $this->jointOhms === [] && $this->draws === [];
    }

    /** What the joints of a part have more than they should, Ω. */
    public function jointOhm(string $id): float
    {
        return $this->jointOhms[$id] ?? 0.0;
    }

    /** Current a fan takes over what it was told to take. */
    public function draws(string $id): float
    {
        return $this->draws[$id] ?? 1.0;
    }

    public function kind(string $id): ?FaultKind
    {
        return $this->byId[$id] ?? null;
    }

    /** Where a stuck component stays, and one that nothing gets through or that no coil moves; null for one that moves freely. */
    public function position(string $id, StatefulComponent $component): ?int
    {
        return match ($this->byId[$id] ?? null) {
            FaultKind::Open, FaultKind::StuckOff, FaultKind::Jammed, FaultKind::CoilOpen, FaultKind::CoilShort => 0,
            FaultKind::StuckOn => $component->actuatedPosition(),
            default => null,
        };
    }

    /** How much less a component reads than there is, K; below 0 where it reads more. */
    public function driftK(string $id): float
    {
        return match ($this->byId[$id] ?? null) {
            FaultKind::Drifted => self::DRIFT_K,
            FaultKind::DriftedHigh => -self::DRIFT_K,
            default => 0.0,
        };
    }

    /** With one more broken. */
    public function and(string $id, FaultKind $kind): self
    {
        return new self([...$this->byId, $id => $kind], $this->jointOhms, $this->draws);
    }

    /** @return list<string> */
    public function parts(): array
    {
        return array_keys([...$this->byId, ...$this->jointOhms, ...$this->draws]);
    }
}
