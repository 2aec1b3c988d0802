<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** One electric fan, by its measured or printed figures. */
final readonly class Fan
{
    /** Start current of a permanent-magnet fan over its running current; 2.5 to 3.3 is usual (common practice, no source). */
    private const START_RATIO = 3.0;

    /** Time from rest to 95 % of its speed, s; half a second to 2 s is usual (common practice, no source). */
    private const USUAL_START_S = 1.0;

    /** Share of its flow a blade moves that meets the air with the wrong edge, or that blows the wrong way; 0.3 to 0.4 is usual (common practice, no source). */
    private const POORLY_SHARE = 0.35;

    /** Peak current at start, A. */
    public float $startA;

    /**
     * @param  float  $ratedV  supply at which the running current holds, V
     * @param  float  $runA  running current, A
     * @param  float|null  $startA  peak at start, A; null takes three times the running current
     * @param  Mount|null  $madeFor  what it was made as; null where it is mounted as it was made
     * @param  bool  $bladeFlipped  whether its blade is turned round on the shaft
     * @param  bool  $polarityReversed  whether its leads are exchanged
     * @param  float  $startS  from rest to 95 % of its speed at rated supply, s
     * @param  float|null  $roomMm  free depth between the core and what is nearest behind it there, mm; null where it is as everywhere
     */
    public function __construct(
        public string $id,
        public string $name,
        public Mount $mount,
        public float $diameterMm,
        public float $depthMm,
        public float $ratedV,
        public float $runA,
        ?float $startA,
        public float $flowM3h,
        public float $startS = self::USUAL_START_S,
        public ?Mount $madeFor = null,
        public bool $bladeFlipped = false,
        public bool $polarityReversed = false,
        public ?float $roomMm = null,
    ) {
        $this->startA = $startA ?? self::START_RATIO * $runA;
    }

    /** The same fan under another name. */
    public function renamed(string $name): self
    {
        return new self(...[...get_object_vars($this), 'name' => $name]);
    }

    /** Whether it was made to blow the other way: then its blade is turned round and its leads are exchanged, or it works against the ram air. */
    public function isTurnedRound(): bool
    {
        return $this->madeFor !== null && $this->madeFor !== $this->mount;
    }

    /**
     * Air it moves for what it would move rightly mounted: 1; less where its blade meets the air with the wrong edge; below 0 where it blows
     * against the wind of the road. Its leads decide which way it turns, and so which way the air goes; its blade how well.
     *
     * @param  bool  $areLeadsExchanged  whether they are the other way round than is told, by a fault
     */
    public function airShare(bool $areLeadsExchanged = false): float
    {
        $isReversed = $this->polarityReversed !== $areLeadsExchanged;
        $isForward = $this->isTurnedRound() === $isReversed;

        return match (true) {
            $isForward && $this->bladeFlipped === $isReversed => 1.0,
            $isForward => self::POORLY_SHARE,
            default => -self::POORLY_SHARE,
        };
    }
}
