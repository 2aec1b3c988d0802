<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Sizing\Sizing;

/** What a plan is asked for: complaints, wishes, and what may be spent. */
final readonly class Question
{
    /** The finding that says the fan can run with the key out. */
    private const KEY_OUT = 'runs-with-key-out';

    /**
     * @param  list<Complaint>  $complaints
     * @param  array<string, Strength>  $wishes  wish to how much it is wished
     * @param  float|null  $mostCost  in the workshop's own money
     */
    public function __construct(public array $complaints, public array $wishes, public ?float $mostCost = null, public ?float $mostHours = null) {}

    /** @return list<Wish> */
    public function wished(Strength $strength): array
    {
        return array_values(array_filter(Wish::cases(), fn (Wish $wish): bool => ($this->wishes[$wish->value] ?? null) === $strength));
    }

    /** @return list<string> what of it a sized plan breaks: wishes that must or must never be met, and `cost`, `hours` and `room` */
    public function brokenBy(Sizing $sizing, Figures $figures): array
    {
        $broken = Room::isThere($sizing->brief) ? [] : ['room'];
        foreach ($this->wished(Strength::Must) as $wish) {
            if (! $wish->isMetBy($sizing)) {
                $broken[] = $wish->value;
            }
        }
        foreach ($this->wished(Strength::Never) as $wish) {
            if ($wish->isMetBy($sizing)) {
                $broken[] = $wish->value;
            }
        }
        if ($this->mostCost !== null && $figures->of(Criterion::Cost) > $this->mostCost) {
            $broken[] = 'cost';
        }
        if ($this->mostHours !== null && $figures->of(Criterion::Hours) > $this->mostHours) {
            $broken[] = 'hours';
        }

        return $broken;
    }

    /** Whether a finding warns of what is wished for. */
    public function wantsWhat(string $code): bool
    {
        return $code === self::KEY_OUT && in_array($this->wishes[Wish::RunsKeyOut->value] ?? Strength::Never, [Strength::Must, Strength::Rather], true);
    }

    /** @return list<Wish> that are rather wished and not met */
    public function missedBy(Sizing $sizing): array
    {
        return array_values(array_filter($this->wished(Strength::Rather), static fn (Wish $wish): bool => ! $wish->isMetBy($sizing)));
    }
}
