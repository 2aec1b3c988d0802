<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\TemperatureBand;
use LampThread\Parts\SwitchPart;

/** Drives one drive, or the drives of a year, at many set points; tells those that no other beats, and which to take. */
final readonly class Sweep
{
    public const COLUMNS = 20;

    /** What is recommended stays so far below the ceiling, K (common practice, no source). */
    private const CLEAR_K = 4.0;

    /** Nothing that switches is recommended with less between on and off, K: probes and contacts differ by as much (common practice, no source). */
    private const LEAST_GAP_K = 4.0;

    private Brief $brief;

    public function __construct(private Vehicle $vehicle)
    {
        $this->brief = $vehicle->brief;
    }

    /**
     * On temperatures of the first stage worth trying: from where it can help to where it is too late.
     *
     * @return list<float> °C
     */
    public function ons(): array
    {
        $band = $this->first();
        if ($band === null) {
            return [];
        }
        $dropK = $band->place->dropAcrossCoreK();
        $fromC = $this->brief->cooling->thermostatOpensC + 2 - $dropK;
        $toC = max($fromC + 4, $this->brief->cooling->ceilingC - 2 - $dropK);

        return array_map(static fn (int $at): float => round($fromC + ($toC - $fromC) * $at / (self::COLUMNS - 1), 1), range(0, self::COLUMNS - 1));
    }

    /**
     * One row of the picture: every on temperature at one gap. Later stages keep their distance.
     *
     * @param  non-empty-list<array{Drive, float}>  $drives  each with its share of the time
     * @return list<SweepCell>
     */
    public function row(array $drives, float $gapK): array
    {
        $first = $this->first();
        $sum = array_sum(array_column($drives, 1));
        $cells = [];
        foreach ($this->ons() as $onC) {
            $shiftK = $onC - ($first->onC ?? $onC);
            $bands = array_map(
                static fn (?TemperatureBand $band): ?TemperatureBand => $band?->movedTo($band->onC + $shiftK, $gapK), Simulation::bands($this->brief),
            );
            $peakC = -INF;
            $startsPerHour = $busiestPerHour = $ahPerHour = 0.0;
            foreach ($drives as [$drive, $share]) {
                $result = $this->vehicle->roughly($bands, $drive);
                $peakC = max($peakC, $result->peakC);
                $startsPerHour += $share / $sum * $result->startsPerHour();
                $busiestPerHour += $share / $sum * $result->busiestStartsPerHour();
                $ahPerHour += $share / $sum * $result->fanAh / $result->lastedS * 3600;
            }
            $cells[] = new SweepCell(
                $onC, $onC - $gapK, $peakC, $startsPerHour, $ahPerHour,
                $ahPerHour * $this->brief->supply->chargingV * $this->brief->usage->hoursPerYear * EngineHeat::LITRES_PER_ELECTRIC_WH,
                $this->vehicle->relayYears($busiestPerHour),
            );
        }

        return $cells;
    }

    /**
     * Those that no other beats in peak, starts and ampere-hours at once.
     *
     * @param  list<SweepCell>  $cells
     * @return list<bool> by cell
     */
    public static function front(array $cells): array
    {
        return array_map(static function (SweepCell $cell) use ($cells): bool {
            foreach ($cells as $other) {
                if ($other->beats($cell)) {
                    return false;
                }
            }

            return true;
        }, $cells);
    }

    /**
     * The one to be recommended: of those with a gap that can be trusted, that keep clear of the ceiling and do not wear a relay out too soon
     * and that no other of them beats, the one nearest to the best in heat, starts and ampere-hours at once.
     *
     * @param  list<SweepCell>  $cells
     * @return int|null its place; null where none keeps clear and lasts
     */
    public function recommended(array $cells): ?int
    {
        $sound = array_filter($cells, fn (SweepCell $cell): bool => $cell->onC - $cell->offC >= self::LEAST_GAP_K - 1e-9
            && $cell->peakC <= $this->brief->cooling->ceilingC - self::CLEAR_K && ($cell->relayYears ?? INF) >= SetPointAdviser::LEAST_YEARS);
        $sound = array_keys(array_intersect_key($sound, array_filter(array_combine(array_keys($sound), self::front(array_values($sound))))));
        $nearest = null;
        $least = INF;
        foreach ($sound as $at) {
            $far = 0.0;
            foreach (['peakC', 'startsPerHour', 'ahPerHour'] as $figure) {
                $values = array_map(static fn (int $one): float => $cells[$one]->{$figure}, $sound);
                $far += (($cells[$at]->{$figure} - min([INF, ...$values])) / max(1e-9, max([-INF, ...$values]) - min([INF, ...$values]))) ** 2;
            }
            if ($far < $least) {
                [$nearest, $least] = [$at, $far];
            }
        }

        return $nearest;
    }

    /**
     * Of fixed pairs the one that comes nearest to a setting.
     *
     * @param  list<SwitchPart>  $switches
     * @return SwitchPart|null null where the first stage that feels a temperature can be set
     */
    public function nearest(SweepCell $cell, array $switches): ?SwitchPart
    {
        foreach ($this->brief->control->stages as $stage) {
            if ($stage->decider->band() !== null) {
                usort($switches, static fn (SwitchPart $a, SwitchPart $b): int => $a->apartK($cell->onC, $cell->offC) <=> $b->apartK($cell->onC, $cell->offC));

                return $stage->decider->isFixedPair() ? $switches[0] ?? null : null;
            }
        }

        return null;
    }

    private function first(): ?TemperatureBand
    {
        foreach (Simulation::bands($this->brief) as $band) {
            if ($band !== null) {
                return $band;
            }
        }

        return null;
    }
}
