<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Message\Unit;

/** What a part that is not chosen from the shelf must stand: what is measured, where, and how much of it is allowed. */
final readonly class Rating
{
    /**
     * @param  string  $kind  of choice: switch, diode, resistor, earth
     * @param  string  $constraint  code of the constraint it is judged by
     * @param  non-empty-list<string>  $at  elements or terminals, as the measure has it
     * @param  string  $briefPath  JSON pointer to the answer it hangs on
     * @param  list<float>  $series  ratings it is made in, small to large, where the smallest that is enough is taken
     * @param  float  $usableShare  share of that rating that may be used
     * @param  float  $ohm  its resistance, Ω; for a dissipation
     */
    public function __construct(
        public string $kind,
        public Message $label,
        public string $constraint,
        public Measure $measure,
        public array $at,
        public float $limit,
        public Unit $unit,
        public string $briefPath,
        public array $series = [],
        public float $usableShare = 1.0,
        public float $ohm = 0.0,
    ) {}

    /**
     * A contact or output by the current through it.
     *
     * @param  non-empty-list<string>  $elements
     */
    public static function switched(float $ratedA, array $elements, string $briefPath, Measure $measure = Measure::ElementCurrent): self
    {
        return new self(
            'switch', Message::of(
                'part.rated-current', ratedA: Unit::Ampere->of($ratedA),
            ), 'switched-current', $measure, $elements, $ratedA, Unit::Ampere, $briefPath,
        );
    }
}
