<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;

/** Current against time for one feed: its start, the band in which its fuse opens, what its wire withstands, and a short at the far end. */
final readonly class ProtectionPlot
{
    /** The band is drawn at the gates of its standard, between which it runs straight, and at these multiples of the last: there the melting heat stays. */
    private const BEYOND = [2.0, 4.0, 8.0];

    /** Times the wire's withstand is drawn between, s: an adiabatic law holds for no longer. */
    private const WITHSTAND_S = [0.01, 0.03, 0.1, 0.3, 1.0, 3.0, 5.0];

    /**
     * @param  list<array{ampere: float, leastS: float|null, mostS: float|null}>  $band  null where it holds for ever
     * @param  list<array{second: float, ampere: float}>  $withstand
     * @param  list<array{second: float, ampere: float}>  $start  steady current that heats as much as the start by then
     */
    private function __construct(
        public string $group,
        public Message $name,
        public Message $fuse,
        public float $ratedA,
        public float $carriesA,
        public float $ampacityA,
        public float $peakA,
        public float $overS,
        public float $heatA2s,
        public float $shortA,
        public ?float $shortOpensS,
        public ?Stall $stall,
        public array $band,
        public array $withstand,
        public array $start,
    ) {}

    public static function of(
        WireGroup $group,
        Brief $brief,
        Circuit $circuit,
        OperatingEnvelope $envelope,
        OperatingEnvelope $jammed,
        StartSurges $starts,
        Solver $solver,
        Shelf $shelf,
    ): self {
        $wires = $circuit->wiresOf($group);
        assert($wires !== [], 'a group no wire is in');
        $protection = Protection::of($group, $circuit, $shelf);
        $component = $circuit->components[$group->protectedBy];
        $sizing = new WireSizing($shelf, new Ampacity($shelf->ampacityRows), $brief);
        $insulationC = $brief->wiring->insulationC;
        $leastA = min(array_map(static fn ($wire): float => $sizing->ampacityA($wire, $wire->conductor), $wires));
        $withstand = sqrt(Adiabatic::withstandA2s($wires[0]->conductor->areaMm2, $insulationC, $insulationC + Adiabatic::OVERLOAD_K));
        $shortA = $sizing->shortA($wires[0]->conductor, FeedLoop::of($wires, $group, $envelope, $solver));
        $surge = $starts->has($component->id) ? $starts->surge($component->id) : null;
        $atGates = array_column($protection->gates->gates, 'multiple');
        $last = $atGates[count($atGates) - 1];
        $multiples = [...$atGates, ...array_map(static fn (float $times): float => $times * $last, self::BEYOND)];
        $finite = static fn (float $seconds): ?float => is_finite($seconds) ? $seconds : null;

        return new self(
            $group->id,
            $group->name,
            Message::of('component.fuse-rated', mark: $component->mark, rated: Unit::Ampere->of($protection->ratedA)),
            $protection->ratedA,
            $envelope->greatestA($wires[0]->id),
            $leastA,
            $surge->peakA ?? $envelope->greatestA($wires[0]->id),
            $surge->durationS ?? 0.0,
            $surge->heatA2s ?? 0.0,
            $shortA,
            $finite($protection->gates->mostS($shortA / $protection->ratedA)),
            Stall::of($component->id, $group->loadFrom, $group->loadTo, $protection->ratedA, $protection->gates, $jammed),
            array_map(static fn (float $multiple): array => [
                'ampere' => $multiple * $protection->ratedA,
                'leastS' => $finite($protection->gates->leastS($multiple)),
                'mostS' => $finite($protection->gates->mostS($multiple)),
            ], $multiples),
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
