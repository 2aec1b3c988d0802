<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** How much the fans are used: what wears relays. */
final readonly class Usage
{
    /** Engine hours of a vehicle in everyday use (common practice, no source). */
    public const USUAL_HOURS_PER_YEAR = 400.0;

    /** Starts in an hour for a gap of one kelvin, falling with the gap (common practice, no source). */
    private const STARTS_KELVIN = 45.0;

    /** A stage that no temperature decides is switched about as often as a trip starts. */
    private const STARTS_BY_HAND = 2.0;

    /** @param  float|null  $startsPerHour  as counted; null takes what the gap between on and off lets expect */
    public function __construct(public float $hoursPerYear, private ?float $startsPerHour) {}

    /** @param  non-empty-list<Stage>  $stages */
    public function startsPerHour(array $stages): float
    {
        if ($this->startsPerHour !== null) {
            return $this->startsPerHour;
        }
        $starts = self::STARTS_BY_HAND;
        foreach ($stages as $stage) {
            $band = $stage->decider->band();
            if ($band !== null) {
                $starts = max($starts, self::STARTS_KELVIN / ($band->onC - $band->offC));
            }
        }

        return $starts;
    }
}
