<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

/** What is wrong with a vehicle, and the fuses it has blown. */
final readonly class Defects
{
    /**
     * @param  list<Defect>  $all
     * @param  list<string>  $blown  fuses
     */
    public function __construct(private array $all = [], private array $blown = []) {}

    /** @param  list<string>  $blown  fuses */
    public function withBlown(array $blown): self
    {
        return new self($this->all, $blown);
    }

    /** Of one of the ways through a part; of any where it does not matter. */
    public function has(DefectKind $kind, string $part, ?int $way = null): bool
    {
        return $this->find($kind, $part, $way) !== null || ($kind === DefectKind::Open && in_array($part, $this->blown, true));
    }

    /** What a joint has more than a good one, Ω. */
    public function jointOhm(string $part, int $way = 0): float
    {
        return $this->find(DefectKind::Joint, $part, $way)->ohm ?? 0.0;
    }

    private function find(DefectKind $kind, string $part, ?int $way): ?Defect
    {
        foreach ($this->all as $defect) {
            if ($defect->kind === $kind && $defect->part === $part && ($way === null || $defect->path === $way)) {
                return $defect;
            }
        }

        return null;
    }
}
