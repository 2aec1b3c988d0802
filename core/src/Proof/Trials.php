<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Shelf\Shelf;
use LampThread\Sizing\Sizing;

/**
 * Tries remedies before they are offered: each is applied to the job, the job is sized and looked at anew. What does not take its finding
 * away, or brings one as bad in its place, is not offered.
 */
final readonly class Trials
{
    /** @param  \Closure(array<string, mixed>): (Sizing|null)  $changed  the job with changes, sized; null where it cannot be used */
    public function __construct(private Shelf $shelf, private \Closure $changed, private float $cost) {}

    /** @return list<Finding> of a proof, with the remedies that work */
    public function of(Proof $proof): array
    {
        return array_map(fn (Finding $finding): Finding => $this->tried($finding, $proof->findings), $proof->findings);
    }

    /**
     * @param  list<Finding>  $standing  all that is said against the job, this among it
     */
    public function tried(Finding $finding, array $standing): Finding
    {
        $before = self::marks($standing);
        $tried = [];
        foreach ($finding->remedies as $remedy) {
            $works = $this->try($finding, $remedy, $before);
            if ($works !== null) {
                $tried[] = $works;
            }
        }

        return $finding->with($tried);
    }

    /** @param  array<string, Finding>  $before */
    private function try(Finding $finding, Remedy $remedy, array $before): ?Remedy
    {
        $sizing = ($this->changed)($remedy->changes);
        if ($sizing === null) {
            return null;
        }
        $after = self::marks(Proof::of($sizing, $this->shelf, isQuick: true)->findings);
        $gone = array_diff_key($before, $after);
        $new = array_diff_key($after, $before);
        $order = array_flip(array_column(Severity::cases(), 'value'));
        foreach ($new as $one) {
            if ($order[$one->severity->value] <= $order[$finding->severity->value] && $one->severity !== Severity::Note) {
                return null;
            }
        }
        if (! isset($gone[self::mark($finding)])) {
            return null;
        }
        $titles = static fn (array $findings): array => array_values(array_unique(array_map(static fn (Finding $one): string => $one->title, $findings)));

        return new Remedy($remedy->label, $remedy->changes, $titles($gone), $titles($new), $sizing->cost() - $this->cost);
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, Finding> without what only single faults show, which a quick look does not try
     */
    private static function marks(array $findings): array
    {
        $marked = [];
        foreach ($findings as $finding) {
            if ($finding->faults === []) {
                $marked[self::mark($finding)] = $finding;
            }
        }

        return $marked;
    }

    private static function mark(Finding $finding): string
    {
        return "{$finding->code}/{$finding->subject}";
    }
}
