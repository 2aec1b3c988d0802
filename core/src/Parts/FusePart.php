<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;

/** A fuse by rating and family. */
final readonly class FusePart implements Part
{
    /** Id of what stands where a fuse should be and none is. */
    public const NONE = 'no-fuse';

    /** What the rating loses for each kelvin above 25 °C (common practice, no source). */
    public const LOSS_PER_K = 0.0015;

    /** Current past which a bare link goes too, A (common practice, no source). */
    private const LINK_A = 1000.0;

    /**
     * @param  string  $family  blade, cartridge (slow), bolt-down or breaker
     * @param  float  $ratedA  rated current at 25 °C, A
     * @param  float  $coldMilliohm  resistance, mΩ
     * @param  float  $price  in the workshop's own money
     * @param  FuseGates  $gates  of its family
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $family,
        public float $ratedA,
        public float $coldMilliohm,
        public float $price,
        public FuseGates $gates,
    ) {}

    /** Ratings fuses are sold in, A (ISO 8820-3 and -4, from memory). */
    private const RATINGS_A = [1.0, 2.0, 3.0, 4.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 100.0, 125.0, 150.0, 200.0, 250.0];

    /** The next larger rating that is sold, A. */
    public static function nextUpA(float $ratedA): float
    {
        foreach (self::RATINGS_A as $ofRatingA) {
            if ($ofRatingA > $ratedA) {
                return $ofRatingA;
            }
        }

        return 1.25 * $ratedA;
    }

    /** The largest rating that is sold up to a current, A; the smallest there is where none is. */
    public static function largestUpToA(float $currentA): float
    {
        $fitting = array_filter(self::RATINGS_A, static fn (float $ratedA): bool => $ratedA <= $currentA);

        return $fitting === [] ? self::RATINGS_A[0] : max($fitting);
    }

    /** What is left of a rating at an ambient, A. */
    public static function ratedAt(float $ratedA, float $ambientC): float
    {
        return $ratedA * (1 - self::LOSS_PER_K * max(0.0, $ambientC - 25.0));
    }

    /** Whether it is bolted to studs; others sit in a holder with leads of its own. */
    public function isOnStuds(): bool
    {
        return ! $this->gates->isFast();
    }

    /** Whether it closes again by itself or by hand after it has opened: a breaker, only ever pinned. */
    public function isResettable(): bool
    {
        return $this->gates->isResettable;
    }

    /** One of its kind that was in a vehicle, of which only the rating is known: nobody buys it. */
    public function found(float $ratedA): self
    {
        return new self("found-{$ratedA}", "{$ratedA} A", $this->family, $ratedA, $this->coldMilliohm * $this->ratedA / $ratedA, 0.0, $this->gates);
    }

    /** No fuse at all, as some feeds are found: only ever pinned, never offered. */
    public static function none(FuseGates $gates): self
    {
        return new self(self::NONE, '', $gates->id, self::LINK_A, 0.1, 0.0, $gates);
    }

    public function isNone(): bool
    {
        return $this->id === self::NONE;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function label(): Message
    {
        return $this->isNone() ? Message::of('part.no-fuse') : Message::verbatim($this->name);
    }

    public function unitPrice(): float
    {
        return $this->price;
    }
}
