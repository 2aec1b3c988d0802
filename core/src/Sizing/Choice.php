<?php

declare(strict_types=1);

namespace LampThread\Sizing;

/** What was taken and why: the smallest candidate that meets every constraint, unless the job or the installer says otherwise. */
final readonly class Choice
{
    /**
     * @param  string  $kind  wire, fuse, relay, or what was given: switch, output, resistor, diode, earth
     * @param  Candidate|null  $nextDown  the next smaller part, and what it would break
     * @param  Candidate|null  $runnerUp  the next best that fits
     * @param  list<Candidate>  $candidates  all that were judged, small to large; none where the part was given
     * @param  string  $briefPath  JSON pointer to the answer it hangs on
     * @param  string|null  $because  why not the smallest that fits, where it is not
     */
    private function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public Candidate $taken,
        public ?Candidate $nextDown,
        public ?Candidate $runnerUp,
        public bool $isPinned,
        public array $candidates,
        public string $briefPath,
        public ?string $because = null,
    ) {}

    /**
     * @param  list<Candidate>  $candidates  small to large; at least one
     * @param  Candidate|null  $pinned  what the installer has decided, judged like the rest
     * @param  string|null  $wanted  id of the candidate the job as a whole wants; null for the smallest that fits
     */
    public static function among(string $id, string $kind, string $name, array $candidates, ?Candidate $pinned, ?string $wanted = null): self
    {
        assert($candidates !== [], 'the shelf holds nothing of the kind');
        $fitting = array_keys(array_filter($candidates, static fn (Candidate $candidate): bool => $candidate->fits()));
        $taken = $fitting[0] ?? self::nearest($candidates);
        foreach ($fitting as $at) {
            if ($candidates[$at]->part->id === $wanted) {
                $taken = $at;
            }
        }
        $isSmallest = $fitting === [] || $taken === $fitting[0];
        $others = array_values(array_filter($fitting, static fn (int $at): bool => $at !== $taken));

        return new self(
            $id,
            $kind,
            $name,
            $pinned ?? $candidates[$taken],
            $pinned === null ? $candidates[min($taken, $fitting[0] ?? $taken) - 1] ?? null : null,
            $pinned === null && $others !== [] ? $candidates[$others[0]] : null,
            $pinned !== null,
            $candidates,
            "/pinned/{$id}",
            $pinned !== null || $isSmallest ? null : "{$candidates[$fitting[0]]->label()} would do here. One type for the whole job, with one spare of it to carry, costs no more.",
        );
    }

    /**
     * Where nothing fits, what breaks its worst constraint least.
     *
     * @param  non-empty-list<Candidate>  $candidates
     */
    private static function nearest(array $candidates): int
    {
        $used = array_map(static fn (Candidate $candidate): float => $candidate->deciding()->usedShare(), $candidates);

        return (int) array_search(min($used), $used, true);
    }

    /** A part the brief names. */
    public static function given(string $id, string $kind, string $name, Candidate $judged, string $briefPath): self
    {
        return new self($id, $kind, $name, $judged, null, null, false, [], $briefPath);
    }
}
