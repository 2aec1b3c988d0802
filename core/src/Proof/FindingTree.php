<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\Acceptance;
use LampThread\Circuit\Circuit;
use LampThread\Proof\Finding\Finding;
use LampThread\Sizing\Sizing;

/** Findings with their consequences under them: one cause is one finding. Worst first, and last what has been accepted. */
final readonly class FindingTree
{
    /** Cause to what it brings with it. */
    private const BRINGS = [
        'hose-adapter-no-earth' => ['adapter-body-live', 'not-runs-when-hot', 'not-rests', 'not-dead-with-key-out', 'not-bare-terminals-dead', 'drive-past-ceiling'],
        'relay-chatters' => ['drive-past-ceiling', 'not-comes-to-rest', 'not-runs-when-hot', 'not-obeys-override', 'not-rests'],
        'coil-does-not-pull' => ['drive-past-ceiling', 'not-runs-when-hot', 'not-obeys-override', 'not-runs-with-air-conditioning'],
        'coil-does-not-let-go' => ['not-rests'],
        'clutch-fed-backwards' => ['not-clutch-not-fed-back', 'not-rests', 'not-within-ratings'],
        'runs-with-key-out' => ['runs-while-cranking', 'not-bare-terminals-dead', 'not-dead-with-key-out'],
        'not-held-off' => ['not-dead-with-key-out'],
        'not-rests' => ['not-dead-with-key-out'],
        'stages-out-of-order' => ['drive-past-ceiling', 'not-stages-in-order'],
        'low-and-high-exchanged' => ['drive-past-ceiling', 'not-stages-in-order', 'not-runs-when-hot'],
        'feed-without-fuse' => ['fault-fire-side', 'not-within-ratings'],
        'tapped-without-fuse' => ['fault-fire-side'],
        'trigger-fuse-too-large' => ['fault-fire-side'],
        'fuse-raised' => ['fuse-over-wire', 'fault-fire-side'],
        'fuse-over-wire' => ['fault-fire-side', 'not-within-ratings', 'relay-below-fuse'],
        'short-burns-wire' => ['fault-fire-side'],
        'wire-hot-at-overload' => ['fault-fire-side'],
        'relay-over-rating' => ['not-within-ratings', 'fault-fire-side', 'joint-drop'],
        'switch-over-rating' => ['not-within-ratings', 'fault-fire-side'],
        'wire-over-ampacity' => ['not-within-ratings'],
        'shared-fuse-overloaded' => ['not-within-ratings'],
        'fuse-over-load' => ['not-within-ratings'],
        'rest-over-rating' => ['not-within-ratings'],
        'nothing-fits' => ['not-within-ratings', 'fault-fire-side'],
        'ceiling-above-boiling' => ['on-above-boiling', 'drive-past-ceiling'],
        'on-above-boiling' => ['on-above-ceiling', 'drive-past-ceiling'],
        'on-above-ceiling' => ['drive-past-ceiling'],
        'on-late' => ['drive-past-ceiling'],
        'sensor-in-still-coolant' => ['drive-past-ceiling'],
        'lockout-in-climb' => ['drive-past-ceiling'],
        'lockout-at-idle' => ['drive-past-ceiling'],
        'fan-blows-backwards' => ['drive-past-ceiling'],
        'blade-wrong-way-round' => ['drive-past-ceiling'],
        'not-runs-when-hot' => ['drive-past-ceiling'],
        'fuse-larger-than-needed' => ['jammed-fan-burns'],
        'unfused-length' => ['fault-fire-side'],
        'under-fused-length' => ['fault-fire-side'],
    ];

    /** A fuse that is none, or far too large: what is behind it cannot be sized for it. */
    private const FUSES = ['feed-without-fuse', 'trigger-fuse-too-large'];

    private const SIZED_BEHIND = [
        'nothing-fits', 'fuse-over-wire', 'short-burns-wire', 'wire-hot-at-overload', 'short-too-weak', 'relay-below-fuse', 'fuse-fast-for-start', 'joint-drop',
    ];

    private function __construct(private Circuit $circuit) {}

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public static function of(array $findings, Sizing $sizing): array
    {
        return (new self($sizing->circuit))->tree($findings, $sizing->brief->accepted);
    }

    /**
     * @param  list<Finding>  $findings
     * @param  array<string, Acceptance>  $accepted  by key
     * @return list<Finding>
     */
    private function tree(array $findings, array $accepted): array
    {
        $codes = array_map(static fn (Finding $finding): string => $finding->code, $findings);
        $causes = [];
        foreach ($findings as $at => $finding) {
            $cause = $this->causeOf($finding, $at, $findings, $codes);
            if ($cause !== null) {
                $causes[$cause][] = $at;
            }
        }
        $folded = array_merge(...array_values($causes));
        $tree = [];
        foreach ($findings as $at => $finding) {
            if (! in_array($at, $folded, true)) {
                $tree[] = self::withConsequences($at, $findings, $causes)->accepted($accepted[$finding->key()] ?? null);
            }
        }
        usort($tree, static fn (Finding $a, Finding $b): int => [$a->accepted !== null, $a->severity->rank()] <=> [$b->accepted !== null, $b->severity->rank()]);

        return $tree;
    }

    /**
     * @param  list<Finding>  $findings
     * @param  list<string>  $codes
     * @return int|null where in the list its cause stands; null where it is a cause itself
     */
    private function causeOf(Finding $finding, int $at, array $findings, array $codes): ?int
    {
        foreach (self::BRINGS as $cause => $brings) {
            $causeAt = array_search($cause, $codes, true);
            if ($causeAt !== false && $causeAt !== $at && in_array($finding->code, $brings, true)) {
                return $causeAt;
            }
        }

        foreach ($findings as $causeAt => $cause) {
            if (in_array($cause->code, self::FUSES, true) && in_array($finding->code, self::SIZED_BEHIND, true) && $this->isBehind($finding->subject, $cause->subject)) {
                return $causeAt;
            }
        }

        return null;
    }

    /** Whether a fuse, a group of wires or a part gets current through a fuse. */
    private function isBehind(string $subject, string $fuse): bool
    {
        $group = $this->circuit->wireGroups[$subject] ?? null;
        if ($subject === $fuse || $group?->protectedBy === $fuse) {
            return true;
        }
        foreach ($this->circuit->wireGroups as $other) {
            // Feeds that are joined at one load carry each other's faults.
            if ($group !== null && $other->protectedBy === $fuse && $other->loadFrom === $group->loadFrom) {
                return true;
            }
        }
        foreach ($this->circuit->wires as $wire) {
            $isAt = in_array($subject, [explode(':', $wire->from)[0], explode(':', $wire->to)[0]], true);
            if ($isAt && $this->circuit->wireGroups[$wire->group]->protectedBy === $fuse) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Finding>  $findings
     * @param  array<int, non-empty-list<int>>  $causes
     */
    private static function withConsequences(int $at, array $findings, array $causes): Finding
    {
        $consequences = array_map(static fn (int $one): Finding => self::withConsequences($one, $findings, $causes), $causes[$at] ?? []);

        return $findings[$at]->bringing(...$consequences);
    }
}
