<?php

declare(strict_types=1);

namespace LampThread\Road;

/** Set points proposed for all stages together, and what their own drives show of them. */
final readonly class Advice
{
    /**
     * @param  list<SetPointAdvice>  $stages
     * @param  float  $peakC  hottest coolant of those drives, °C
     * @param  float  $startsPerHour  most starts of all fans in any of them
     * @param  float|null  $relayYears  until the first relay is worn by those; null where none switches
     * @param  float|null  $widenedToK  gap between on and off, K, where the one that was asked for would wear a relay too soon; null where it does
     */
    public function __construct(
        public array $stages,
        public float $peakC,
        public float $startsPerHour,
        public ?float $relayYears,
        public ?float $widenedToK,
    ) {}

    public function isToBeHad(): bool
    {
        return array_filter($this->stages, static fn (SetPointAdvice $stage): bool => ! $stage->isToBeHad) === [];
    }
}
