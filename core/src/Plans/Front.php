<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** Plans that no other beats (Pareto), kept as they come; of those that are alike the first. */
final class Front
{
    /** @var array<string, Figures> by plan */
    private array $members = [];

    /** Plans that were not judged to the end, as one of the front beat the best they could still be. */
    public int $pruned = 0;

    /** @return array<string, Figures> by plan, in the order they came */
    public function members(): array
    {
        return $this->members;
    }

    /** @return bool whether it stands, for now */
    public function add(string $plan, Figures $figures): bool
    {
        if ($this->beater($figures) !== null) {
            return false;
        }
        $this->members = array_filter($this->members, static fn (Figures $member): bool => ! $figures->beats($member));
        $this->members[$plan] = $figures;

        return true;
    }

    /**
     * Whether a plan need not be judged to the end: the least it can come to is beaten already.
     *
     * @param  Figures  $least  no criterion of it can come out lower
     */
    public function prunes(Figures $least): bool
    {
        if ($this->beater($least) === null) {
            return false;
        }
        $this->pruned++;

        return true;
    }

    /** A plan of the front that beats figures or is like them; null where none does. */
    public function beater(Figures $figures): ?string
    {
        foreach ($this->members as $plan => $member) {
            if ($member->putsOut($figures)) {
                return (string) $plan;
            }
        }

        return null;
    }
}
