<?php

declare(strict_types=1);

namespace LampThread\Sizing;

/** What was chosen from the shelf and why: the smallest candidate that meets every constraint, unless one is pinned. */
final readonly class Choice
{
    /**
     * @param  string  $kind  wire, fuse or relay
     * @param  Candidate|null  $nextDown  the next smaller part, and what it would break
     * @param  list<Candidate>  $candidates  all that were judged, small to large
     */
    private function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public Candidate $taken,
        public ?Candidate $nextDown,
        public bool $isPinned,
        public array $candidates,
    ) {}

    /**
     * @param  list<Candidate>  $candidates  small to large; at least one
     * @param  Candidate|null  $pinned  what the installer has decided, judged like the rest
     */
    public static function among(string $id, string $kind, string $name, array $candidates, ?Candidate $pinned): self
    {
        $smallest = count($candidates) - 1;
        assert($smallest >= 0, 'the shelf holds nothing of the kind');
        foreach ($candidates as $at => $candidate) {
            if ($candidate->fits()) {
                $smallest = $at;
                break;
            }
        }

        return new self(
            $id,
            $kind,
            $name,
            $pinned ?? $candidates[$smallest],
            $pinned === null ? $candidates[$smallest - 1] ?? null : null,
            $pinned !== null,
            $candidates,
        );
    }
}
