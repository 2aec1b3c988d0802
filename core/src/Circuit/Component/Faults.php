<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Fault;

/** What is broken: component or wire to how. */
final readonly class Faults
{
    /** The same for the same faults. */
    public string $key;

    /** The same where the same read wrongly; empty where nothing does. */
    public string $driftKey;

    /**
     * @param  array<string, Fault>  $byId
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
        foreach ($byId as $id => $fault) {
            $key .= "{$id}={$fault->key()}&";
            $drifted .= $fault->driftK() === 0.0 ? '' : "{$id}={$fault->kind->value}&";
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

    public function fault(string $id): ?Fault
    {
        return $this->byId[$id] ?? null;
    }

    /** Where a stuck component stays, and one that nothing gets through or that no coil moves; null for one that moves freely. */
    public function position(string $id, StatefulComponent $component): ?int
    {
        return ($this->byId[$id] ?? null)?->position($component);
    }

    /** How much less a component reads than there is, K; below 0 where it reads more. */
    public function driftK(string $id): float
    {
        return ($this->byId[$id] ?? null)?->driftK() ?? 0.0;
    }

    /** With one more broken. */
    public function and(string $id, Fault $fault): self
    {
        return new self([...$this->byId, $id => $fault], $this->jointOhms, $this->draws);
    }

    /** @return list<string> */
    public function parts(): array
    {
        return array_keys([...$this->byId, ...$this->jointOhms, ...$this->draws]);
    }
}
