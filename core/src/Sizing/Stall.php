<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Component\Key;
use LampThread\Parts\FuseGates;

/** What a jammed fan draws through its fuse for ever, at the least and the most, and how soon the fuse has surely opened then. */
final readonly class Stall
{
    /** Share of the most a state has to draw for the fan to count as fed in it. */
    private const FED_SHARE = 0.5;

    /**
     * @param  float|null  $soonestS  least time the fuse surely holds the most, s; null where it holds for ever
     * @param  float|null  $latestS  by when it has surely opened at the least, s; null where it need never open
     * @param  float  $watts  in the circuit behind the fuse meanwhile, at the most, W
     */
    private function __construct(public float $leastA, public float $mostA, public ?float $soonestS, public ?float $latestS, public float $watts) {}

    /**
     * @param  OperatingEnvelope  $jammed  with every fan standing
     * @return self|null null where no fan is behind the fuse
     */
    public static function of(string $fuse, string $loadFrom, string $loadTo, float $ratedA, FuseGates $gates, OperatingEnvelope $jammed): ?self
    {
        $mostA = $jammed->greatestA($fuse);
        $fed = array_filter($jammed->points, static fn ($point): bool => $point->conditions->key !== Key::Crank && abs($point->currentA($fuse)) > self::FED_SHARE * $mostA);
        if ($fed === [] || $mostA < $ratedA) {
            return null;
        }
        $leastA = min(array_map(static fn ($point): float => abs($point->currentA($fuse)), $fed));
        $finite = static fn (float $seconds): ?float => is_finite($seconds) ? $seconds : null;

        return new self(
            $leastA,
            $mostA,
            $finite($gates->leastS($mostA / $ratedA)),
            $finite($gates->mostS($leastA / $ratedA)),
            max(array_map(static fn ($point): float => abs($point->currentA($fuse) * $point->voltages->across($loadFrom, $loadTo)), $fed)),
        );
    }
}
