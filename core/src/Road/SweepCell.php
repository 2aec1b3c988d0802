<?php

declare(strict_types=1);

namespace LampThread\Road;

/** One pair of set points, driven. */
final readonly class SweepCell
{
    /**
     * @param  float  $peakC  hottest coolant in any of the drives, °C
     * @param  float  $startsPerHour  of all fans, by the drives' shares
     * @param  float  $ahPerHour  taken by the fans, by the drives' shares
     * @param  float  $litresPerYear  fuel that makes those
     * @param  float|null  $relayYears  until the first relay is worn; null where none switches
     */
    public function __construct(
        public float $onC,
        public float $offC,
        public float $peakC,
        public float $startsPerHour,
        public float $ahPerHour,
        public float $litresPerYear,
        public ?float $relayYears,
    ) {}

    /** Whether it is no worse in heat, starts and ampere-hours, and better in one. */
    public function beats(self $other): bool
    {
        $isNoWorse = $this->peakC <= $other->peakC && $this->startsPerHour <= $other->startsPerHour && $this->ahPerHour <= $other->ahPerHour;

        return $isNoWorse && ($this->peakC < $other->peakC || $this->startsPerHour < $other->startsPerHour || $this->ahPerHour < $other->ahPerHour);
    }
}
