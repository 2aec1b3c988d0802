<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\Changes;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * Evaluates remedies before they are offered: each is applied to the job, and the job is sized and proven anew. One that does not take
 * its finding away, or brings another as bad in its place, is not offered.
 */
final readonly class RemedyEvaluation
{
    /** @param  \Closure(Changes): ?Sizing  $changed  the job with changes, sized; null where it cannot be used */
    public function __construct(private Shelf $shelf, private \Closure $changed, private float $cost) {}

    /** @return list<Finding> of a proof, with the remedies that work */
    public function findings(Proof $proof): array
    {
        return array_map(fn (Finding $finding): Finding => $this->evaluated($finding, $proof->findings), $proof->findings);
    }

    /**
     * @param  list<Finding>  $all  all that is said against the job, this among it
     */
    public function evaluated(Finding $finding, array $all): Finding
    {
        $before = self::byKey($all);
        $working = [];
        foreach ($finding->remedies as $remedy) {
            $works = $this->evaluate($finding, $remedy, $before);
            if ($works !== null) {
                $working[] = $works;
            }
        }

        return $finding->withRemedies($working);
    }

    /** @param  array<string, Finding>  $before */
    private function evaluate(Finding $finding, Remedy $remedy, array $before): ?Remedy
    {
        $sizing = ($this->changed)($remedy->changes);
        if ($sizing === null) {
            return null;
        }
        $after = self::byKey(Proof::of($sizing, $this->shelf, isQuick: true)->findings);
        $gone = array_diff_key($before, $after);
        $new = array_diff_key($after, $before);
        foreach ($new as $one) {
            if ($one->severity->rank() <= $finding->severity->rank() && $one->severity !== Severity::Note) {
                return null;
            }
        }
        if (! isset($gone[$finding->key()])) {
            return null;
        }
        $titles = static fn (array $findings): array => array_values(array_map(static fn (Finding $one): Message => $one->title(), self::byTitle($findings)));

        return $remedy->evaluated($titles($gone), $titles($new), $sizing->cost() - $this->cost);
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, Finding> without what only single faults show, which a quick look does not try
     */
    private static function byKey(array $findings): array
    {
        $findingsByKey = [];
        foreach ($findings as $finding) {
            if ($finding->faults === []) {
                $findingsByKey[$finding->key()] = $finding;
            }
        }

        return $findingsByKey;
    }

    /**
     * @param  array<string, Finding>  $findings
     * @return array<string, Finding> one of each that are called alike
     */
    private static function byTitle(array $findings): array
    {
        $byTitle = [];
        foreach ($findings as $finding) {
            $byTitle[serialize($finding->title())] ??= $finding;
        }

        return $byTitle;
    }
}
