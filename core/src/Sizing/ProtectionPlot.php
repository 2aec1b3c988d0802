<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Protects;
use LampThread\Circuit\Reel;
use LampThread\Electrics\Solver;
use LampThread\Shelf\Shelf;

/** Current against time for one feed: its start, the band in which its fuse opens, what its wire withstands, and a short at the far end. */
final readonly class ProtectionPlot
{
    /** Multiples of the rating the band is drawn at. */
    private const MULTIPLES = [1.1, 1.2, 1.35, 1.6, 2.0, 2.5, 3.5, 5.0, 6.0, 10.0, 20.0, 40.0];

    /** Times the wire's withstand is drawn between, s: an adiabatic law holds for no longer. */
    private const WITHSTAND_S = [0.01, 0.03, 0.1, 0.3, 1.0, 3.0, 5.0];

    /**
     * @param  list<array{ampere: float, leastS: float|null, mostS: float|null}>  $band  null where it holds for ever
     * @param  list<array{second: float, ampere: float}>  $withstand
     * @param  list<array{second: float, ampere: float}>  $start  steady current that heats as much as the start by then
     */
    private function __construct(
        public string $reel,
        public string $name,
        public string $fuse,
        public float $ratedA,
        public float $carriesA,
        public float $ampacityA,
        public float $peakA,
        public float $overS,
        public float $heatA2s,
        public float $shortA,
        public ?float $shortOpensS,
        public array $band,
        public array $withstand,
        public array $start,
    ) {}

    public static function of(Reel $reel, Brief $brief, Circuit $circuit, Duty $duty, Starts $starts, Solver $solver, Shelf $shelf): self
    {
        $wires = $circuit->wiresOf($reel);
        assert($wires !== [], 'a reel that nothing is cut from');
        $protection = Protection::of($reel, $circuit, $shelf);
        $component = $circuit->components[$reel->fuseId];
        assert($component instanceof Component && $component instanceof Protects);
        $sizing = new WireSizing($shelf, new Ampacity($shelf->ampacityRows), $brief);
        $insulationC = $brief->wiring->insulationC;
        $leastA = min(array_map(static fn ($wire): float => $sizing->ampacityA($wire, $wire->conductor), $wires));
        $withstand = sqrt(Adiabatic::withstandA2s($wires[0]->conductor->areaMm2, $insulationC, $insulationC + Adiabatic::OVERLOAD_K));
        $shortA = $sizing->shortA($wires[0]->conductor, Loop::of($wires, $reel, $duty, $solver));
        $surge = $starts->has($component->id) ? $starts->surge($component->id) : null;
        $finite = static fn (float $seconds): ?float => is_finite($seconds) ? $seconds : null;

        return new self(
            $reel->id,
            $reel->name,
            "{$component->mark} {$protection->ratedA} A",
            $protection->ratedA,
            $duty->greatestA($wires[0]->id),
            $leastA,
            $surge->peakA ?? $duty->greatestA($wires[0]->id),
            $surge->durationS ?? 0.0,
            $surge->heatA2s ?? 0.0,
            $shortA,
            $finite($protection->gates->mostS($shortA / $protection->ratedA)),
            array_map(static fn (float $multiple): array => [
                'ampere' => $multiple * $protection->ratedA,
                'leastS' => $finite($protection->gates->leastS($multiple)),
                'mostS' => $finite($protection->gates->mostS($multiple)),
            ], self::MULTIPLES),
            array_map(static fn (float $second): array => ['second' => $second, 'ampere' => $withstand / sqrt($second)], self::WITHSTAND_S),
            $surge === null ? [] : self::thinned($surge->equivalents()),
        );
    }

    /**
     * @param  list<array{float, float}>  $equivalents
     * @return list<array{second: float, ampere: float}>
     */
    private static function thinned(array $equivalents): array
    {
        $points = [];
        $nextS = 0.0;
        foreach ($equivalents as [$second, $ampere]) {
            if ($second >= $nextS) {
                $points[] = ['second' => $second, 'ampere' => $ampere];
                $nextS = $second * 1.25;
            }
        }

        return $points;
    }
}
