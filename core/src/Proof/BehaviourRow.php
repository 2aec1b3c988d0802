<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** How one behaviour fares over all states, folded by what key and engine do. */
final readonly class BehaviourRow
{
    /**
     * @param  array<string, array{asked: int, held: int, shownBy: int, brokenBy: int|null, at: string|null}>  $cells  by phase: how often it
     *     is asked and holds, the first state it is asked in, the first that breaks it, and where
     */
    public function __construct(public Behaviour $behaviour, public array $cells) {}

    /** How many states ask for it. */
    public function asked(): int
    {
        return (int) array_sum(array_column($this->cells, 'asked'));
    }

    /** How many of them it fails in. */
    public function fails(): int
    {
        return $this->asked() - (int) array_sum(array_column($this->cells, 'held'));
    }

    /** @return array{int, string}|null the first state that breaks it and the part it fails at */
    public function broken(): ?array
    {
        $first = null;
        foreach ($this->cells as $cell) {
            if ($cell['brokenBy'] !== null && ($first === null || $cell['brokenBy'] < $first[0])) {
                $first = [$cell['brokenBy'], (string) $cell['at']];
            }
        }

        return $first;
    }
}
