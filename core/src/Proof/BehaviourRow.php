<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** How one behaviour fares over all states, folded by what key and engine do. */
final readonly class BehaviourRow
{
    /**
     * @param  array<string, array{asked: int, held: int, shownBy: int, brokenBy: int|null, at: string|null}>  $cells  phase to how often it is
     *                                                                                                       asked and holds, the first state it is asked in, the first that breaks it, and where
     */
    public function __construct(public Behaviour $behaviour, public array $cells) {}

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
