<?php

declare(strict_types=1);

namespace LampThread\Road;

/**
 * What a drive comes to, counted as it is driven.
 *
 * @internal
 */
final class DriveTotals
{
    /** @var list<Sample> */
    public array $samples = [];

    /** Of the battery, 0 to 1. */
    public float $chargeShare = 1.0;

    private ?Peak $peak = null;

    private float $peakC;

    private float $peakAtS = 0.0;

    private float $overS = 0.0;

    private float $lastedS = 0.0;

    private float $runS = 0.0;

    private float $fansAs = 0.0;

    private float $batteryAs = 0.0;

    private float $keyOutAs = 0.0;

    private float $shortOfPowerS = 0.0;

    private float $compressorStoppedS = 0.0;

    /** @var list<float> speed of each fan over rated, as last seen */
    private array $shares = [];

    /** @var array<int, int> starts of each fan */
    private array $startsOf = [];

    private ?float $boilsAtS = null;

    private float $lostLitres = 0.0;

    private bool $isEmptied = false;

    public function __construct(
        private readonly Drive $drive,
        private readonly float $ceilingC,
        private readonly float $batteryAh,
        private readonly Pressure $pressure,
    ) {
        $this->peakC = $drive->startsC;
    }

    /** Whether so much coolant has boiled away that nothing further holds. */
    public function isOver(): bool
    {
        return $this->isEmptied;
    }

    /** A stretch in which nothing switched. */
    public function count(
        float $fromS,
        float $lastedS,
        Lumps $lumps,
        FanState $fans,
        Felt $felt,
        DriveCursor $cursor,
        CoreAir $air,
        float $flowWPerK,
    ): void {
        $this->lastedS += $lastedS;
        foreach ($fans->shares as $fan => $share) {
            $this->startsOf[$fan] = ($this->startsOf[$fan] ?? 0) + (int) ($share > 0 && ($this->shares[$fan] ?? 0.0) === 0.0);
        }
        $this->shares = $fans->shares;
        if ($lumps->hottestC > $this->peakC) {
            $this->peakC = $lumps->hottestC;
            $this->peakAtS = $fromS + $lastedS;
            $this->peak = new Peak($fans, $felt->hot, $air, $flowWPerK, $lumps->opening, $cursor->rpm, $cursor->keyOn, $cursor->ambientC);
        }
        $this->overS += $lumps->coolantC > $this->ceilingC ? $lastedS : 0.0;
        $this->runS += $fans->running > 0 ? $lastedS : 0.0;
        $this->fansAs += $fans->currentA * $lastedS;
        $this->batteryAs += $fans->batteryA * $lastedS;
        $this->keyOutAs += $cursor->keyOn ? 0.0 : $fans->batteryA * $lastedS;
        $this->chargeShare = max(0.0, min(1.0, $this->chargeShare + $fans->batteryA * $lastedS / 3600 / $this->batteryAh));
        $this->shortOfPowerS += $cursor->isShortOfPower ? $lastedS : 0.0;
        $this->compressorStoppedS += (1 - ($air->compressorShare ?? 1.0)) * $lastedS;
        if ($lumps->boiledJ > 0) {
            $this->boilsAtS ??= $fromS + $lastedS;
            $this->lostLitres = $this->pressure->lostLitres($lumps->boiledJ);
            $this->isEmptied = $this->pressure->isEmptied($this->lostLitres);
        }
    }

    public function result(Lumps $lumps, Felt $felt): SimulationResult
    {
        return new SimulationResult(
            $this->drive, $this->samples, $this->peakC, $this->peakAtS, $this->overS, $this->lastedS, $this->runS, array_sum($this->startsOf),
            max([0, ...$this->startsOf]), $felt->starts,
            $this->fansAs / 3600, $this->batteryAs / 3600, $this->keyOutAs / 3600, $lumps->inJ, $lumps->outJ, $lumps->gainedJ(), $this->peak, $lumps->coolantC,
            $this->boilsAtS === null ? null : new Boiling($this->boilsAtS, $this->lostLitres, $this->isEmptied ? $this->lastedS : null),
            $this->shortOfPowerS, $this->compressorStoppedS, $this->chargeShare,
        );
    }
}
