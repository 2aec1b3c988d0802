<?php

declare(strict_types=1);

namespace LampThread\Operation;

/** One current of a start, against time. */
final readonly class Surge
{
    /** A start is over once the current stays within this of where it ends. */
    private const OVER_FACTOR = 1.1;

    public float $peakA;

    /** From switching on until the current stays within a tenth of where it ends, s. */
    public float $durationS;

    /** ∫I²dt over that time, A²s. */
    public float $heatA2s;

    /** @var non-empty-list<float> ∫I²dt from switching on to each time, A²s */
    private array $heatSoFarA2s;

    /**
     * @param  non-empty-list<float>  $timesS  rising
     * @param  non-empty-list<float>  $currentsA
     */
    public function __construct(public array $timesS, public array $currentsA)
    {
        $last = count($timesS) - 1;
        $heat = [0.0];
        $over = $last;
        for ($at = 1; $at <= $last; $at++) {
            $heat[] = $heat[$at - 1] + ($currentsA[$at] ** 2 + $currentsA[$at - 1] ** 2) / 2 * ($timesS[$at] - $timesS[$at - 1]);
        }
        $endA = abs($currentsA[$last]) * self::OVER_FACTOR;
        while ($over > 0 && abs($currentsA[$over - 1]) <= $endA) {
            $over--;
        }
        $this->peakA = max(array_map(abs(...), $currentsA));
        // Between the last sample outside and the first inside, in a straight line.
        $share = $over === 0 ? 0.0 : (abs($currentsA[$over - 1]) - $endA) / max(1e-12, abs($currentsA[$over - 1]) - abs($currentsA[$over]));
        $before = max(0, $over - 1);
        $this->durationS = $timesS[$before] + $share * ($timesS[$over] - $timesS[$before]);
        $this->heatA2s = $heat[$before] + $share * ($heat[$over] - $heat[$before]);
        $this->heatSoFarA2s = $heat;
    }

    /**
     * The steady current that heats as much as the start has by each time.
     *
     * @return list<array{float, float}> time in s, current in A
     */
    public function equivalents(): array
    {
        $equivalents = [];
        foreach ($this->timesS as $at => $timeS) {
            if ($timeS > 0) {
                $equivalents[] = [$timeS, sqrt($this->heatSoFarA2s[$at] / $timeS)];
            }
        }

        return $equivalents;
    }
}
