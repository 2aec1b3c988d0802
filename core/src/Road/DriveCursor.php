<?php

declare(strict_types=1);

namespace LampThread\Road;

/**
 * Walks along a drive and tells what road and engine do there. Public figures are those of the last moment it was moved to.
 *
 * @internal
 */
final class DriveCursor
{
    public float $speedKmh = 0.0;

    public float $rpm = 0.0;

    /** At the crank, W; what the engine cannot give it does not. */
    public float $powerW = 0.0;

    public bool $isShortOfPower = false;

    public float $ambientC = 0.0;

    public float $gradientPercent = 0.0;

    public bool $airConditioning = false;

    public bool $keyOn = true;

    /** As they ran in a log; null where their switches decide. */
    public ?bool $fansOn = null;

    private int $row = 0;

    private readonly int $lastRow;

    /** @param  float  $loadFactor  on the power the road asks for */
    public function __construct(private readonly Drive $drive, private readonly TractivePower $road, private readonly float $ratedW, private readonly float $loadFactor)
    {
        $this->lastRow = count($drive->timesS) - 1;
    }

    public function moveTo(float $timeS): void
    {
        $drive = $this->drive;
        while ($this->row < $this->lastRow - 1 && $drive->timesS[$this->row + 1] <= $timeS) {
            $this->row++;
        }
        $row = $this->row;
        $next = min($row + 1, $this->lastRow);
        $spanS = $drive->timesS[$next] - $drive->timesS[$row];
        $share = $spanS > 0 ? min(1.0, max(0.0, ($timeS - $drive->timesS[$row]) / $spanS)) : 0.0;
        $this->speedKmh = $drive->speedsKmh[$row] + $share * ($drive->speedsKmh[$next] - $drive->speedsKmh[$row]);
        $this->rpm = $drive->enginesRpm[$row] + $share * ($drive->enginesRpm[$next] - $drive->enginesRpm[$row]);
        $this->ambientC = $drive->ambientsC[$row] + $share * ($drive->ambientsC[$next] - $drive->ambientsC[$row]);
        $at = $share >= 1.0 ? $next : $row;
        $this->airConditioning = $drive->airConditioning[$at];
        $this->keyOn = $drive->keysOn[$at];
        $this->fansOn = $drive->fansOn[$at] ?? null;
        $this->gradientPercent = $drive->gradientsPercent[$row] + $share * ($drive->gradientsPercent[$next] - $drive->gradientsPercent[$row]);
        $load = $drive->loads[$row];
        $nextLoad = $drive->loads[$next];
        if ($load !== null && $nextLoad !== null) {
            $askedW = ($load + $share * ($nextLoad - $load)) * $this->ratedW;
        } else {
            $accelerationMs2 = $spanS > 0 ? ($drive->speedsKmh[$next] - $drive->speedsKmh[$row]) / 3.6 / $spanS : 0.0;
            $askedW = $this->rpm > 0 ? $this->road->powerW($this->speedKmh / 3.6, $accelerationMs2, $this->gradientPercent, $drive->trailerKg) : 0.0;
        }
        $askedW *= $this->loadFactor;
        $this->isShortOfPower = $askedW > $this->ratedW;
        $this->powerW = min($this->ratedW, $askedW);
    }
}
