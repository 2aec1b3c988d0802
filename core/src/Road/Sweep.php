<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\TemperatureBand;

/** Drives one drive at many set points, and tells those that no other beats. */
final readonly class Sweep
{
    /** Coarser than a drive that is looked at: a sweep compares. */
    private const STEP_S = 0.5;

    public const COLUMNS = 20;

    public function __construct(private Brief $brief, private HeatModel $model, private FanResponse $fans, private float $altitudeM) {}

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
     * @return list<array{onC: float, offC: float, peakC: float, startsPerHour: float, ampereHours: float}>
     */
    public function row(Drive $drive, float $gapK): array
    {
        $first = $this->first();
        $cells = [];
        foreach ($this->ons() as $onC) {
            $shiftK = $onC - ($first->onC ?? $onC);
            $bands = array_map(static function ($stage) use ($shiftK, $gapK): ?TemperatureBand {
                $band = $stage->decider->band();

                return $band === null ? null : new TemperatureBand($band->onC + $shiftK, $band->onC + $shiftK - $gapK, $band->place);
            }, $this->brief->control->stages);
            $result = (new Simulation($this->model, $this->fans, $bands, $this->brief->cooling->ceilingC, $this->altitudeM, self::STEP_S, $shiftK))->run($drive);
            $cells[] = [
                'onC' => $onC, 'offC' => $onC - $gapK, 'peakC' => $result->peakC, 'startsPerHour' => $result->startsPerHour(), 'ampereHours' => $result->fanAh,
            ];
        }

        return $cells;
    }

    /**
     * Those that no other beats in peak, starts and ampere-hours at once.
     *
     * @param  list<array{onC: float, offC: float, peakC: float, startsPerHour: float, ampereHours: float}>  $cells
     * @return list<bool> by cell
     */
    public static function front(array $cells): array
    {
        return array_map(static function (array $cell) use ($cells): bool {
            foreach ($cells as $other) {
                $isNoWorse = $other['peakC'] <= $cell['peakC'] && $other['startsPerHour'] <= $cell['startsPerHour'] && $other['ampereHours'] <= $cell['ampereHours'];
                $isEqual = [$other['peakC'], $other['startsPerHour'], $other['ampereHours']] === [$cell['peakC'], $cell['startsPerHour'], $cell['ampereHours']];
                if ($isNoWorse && $other !== $cell && ! $isEqual) {
                    return false;
                }
            }

            return true;
        }, $cells);
    }

    private function first(): ?TemperatureBand
    {
        foreach ($this->brief->control->stages as $stage) {
            if ($stage->decider->band() !== null) {
                return $stage->decider->band();
            }
        }

        return null;
    }
}
