<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/** A fuse by rating and family. */
final readonly class FusePart
{
    /** Id of what stands where a fuse should be and none is. */
    public const NONE = 'no-fuse';

    /** Current past which a bare link goes too, A (common practice, no source). */
    private const LINK_A = 1000.0;

    /**
     * @param  string  $family  blade, cartridge (slow) or bolt-down
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

    /** No fuse at all, as some feeds are found: only ever pinned, never offered. */
    public static function none(FuseGates $gates): self
    {
        return new self(self::NONE, 'No fuse', $gates->id, self::LINK_A, 0.1, 0.0, $gates);
    }

    public function isNone(): bool
    {
        return $this->id === self::NONE;
    }
}
