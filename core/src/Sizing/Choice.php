<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Message\Message;

/** What was chosen and why: the smallest candidate that meets every constraint, unless the job or the installer says otherwise. */
final readonly class Choice
{
    /**
     * @param  string  $kind  wire, fuse, relay, or what was given: switch, resistor, diode, earth
     * @param  Candidate|null  $nextDown  the next smaller part, and what it would break
     * @param  Candidate|null  $runnerUp  the next best that fits
     * @param  list<Candidate>  $candidates  all that were judged, small to large; none where the part was given
     * @param  string  $briefPath  JSON pointer to the answer it hangs on
     * @param  Message|null  $because  why not the smallest that fits, where it is not
     * @param  string|null  $foundId  of what was there and stays; null for what was not
     */
    private function __construct(
        public string $id,
        public string $kind,
        public Message $name,
        public Candidate $taken,
        public ?Candidate $nextDown,
        public ?Candidate $runnerUp,
        public bool $isPinned,
        public array $candidates,
        public string $briefPath,
        public ?Message $because = null,
        public ?string $foundId = null,
    ) {}

    /**
     * @param  list<Candidate>  $candidates  small to large; at least one
     * @param  Candidate|null  $pinned  what the installer has decided, judged like the rest
     * @param  list<Candidate>  $onRequest  judged and shown, but only ever taken when pinned
     * @param  string|null  $preferred  id of the candidate the job as a whole prefers; null for the smallest that fits
     * @param  string  $preferredBecause  code of the sentence that says why
     */
    public static function among(
        string $id,
        string $kind,
        Message $name,
        array $candidates,
        ?Candidate $pinned,
        ?string $preferred = null,
        array $onRequest = [],
        string $preferredBecause = 'choice.one-type-for-all',
    ): self {
        assert($candidates !== [], 'the shelf holds nothing of the kind');
        $fitting = array_keys(array_filter($candidates, static fn (Candidate $candidate): bool => $candidate->fits()));
        $taken = $fitting[0] ?? self::working($candidates) ?? self::nearest($candidates);
        foreach ($fitting as $at) {
            if ($candidates[$at]->part->id() === $preferred) {
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
            [...$candidates, ...$onRequest],
            "/pinned/{$id}",
            $pinned !== null || $isSmallest ? null : Message::of($preferredBecause, smallest: $candidates[$fitting[0]]->label()),
        );
    }

    /** What would be taken if it were not pinned, by size alone; null where nothing fits. */
    public function smallestThatFits(): ?Candidate
    {
        return array_values(array_filter($this->candidates, static fn (Candidate $candidate): bool => $candidate->fits()))[0] ?? null;
    }

    /** The next larger than what is taken that breaks nothing; null where there is none. */
    public function nextUpThatFits(): ?Candidate
    {
        $at = array_search($this->taken, $this->candidates, true);

        return array_values(array_filter(
            $at === false ? [] : array_slice($this->candidates, $at + 1), static fn (Candidate $candidate): bool => $candidate->fits(),
        ))[0] ?? null;
    }

    /** Whether there is a part at all: pinned, given or fitting. What stands in for none is for the solver alone and is not cut or bought. */
    public function isMade(): bool
    {
        return $this->isPinned || $this->candidates === [] || $this->taken->works();
    }

    public function label(): Message
    {
        return $this->isMade() ? $this->taken->label() : Message::of('choice.none-fits');
    }

    /**
     * Where nothing meets every wish too, what works and comes nearest to them; null where nothing works.
     *
     * @param  non-empty-list<Candidate>  $candidates
     */
    private static function working(array $candidates): ?int
    {
        $used = array_map(
            static fn (Candidate $candidate): float => $candidate->deciding()->usedShare(),
            array_filter($candidates, static fn (Candidate $candidate): bool => $candidate->works()),
        );

        return $used === [] ? null : array_keys($used, min($used), true)[0];
    }

    /**
     * Where nothing fits, what breaks its worst constraint least.
     *
     * @param  non-empty-list<Candidate>  $candidates
     */
    private static function nearest(array $candidates): int
    {
        $used = array_map(static fn (Candidate $candidate): float => $candidate->deciding()->usedShare(), $candidates);

        // Of several that are as far off the largest: what is hopeless for all is least so for it.
        $least = array_keys($used, min($used), true);

        return $least[count($least) - 1];
    }

    /** A part the brief names. */
    public static function given(string $id, string $kind, Message $name, Candidate $judged, string $briefPath): self
    {
        return new self($id, $kind, $name, $judged, null, null, false, [], $briefPath);
    }

    /**
     * What was there and stays, judged by what it has to do now. That a part bought for it would be of another kind is no fault of it.
     *
     * @param  string  $foundId  of the part or the group of wires
     * @param  string  $figure  of what is told of it, that it hangs on
     */
    public static function found(string $id, string $kind, Message $name, Candidate $judged, string $foundId, string $figure): self
    {
        $constraints = array_values(array_filter($judged->constraints, static fn (Constraint $constraint): bool => ! $constraint->isWish));
        assert($constraints !== [], 'nothing it is judged by');

        return new self($id, $kind, $name, new Candidate($judged->part, $constraints), null, null, false, [], "/found/parts/{$foundId}/{$figure}", foundId: $foundId);
    }
}
