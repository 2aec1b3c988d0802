<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

use LampThread\Road\Drive;
use LampThread\Road\Sample;
use LampThread\Road\Uncertain;
use LampThread\Road\Vehicle;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A simulated device that records a drive as such devices do: it rides in a vehicle that is a little other than the job tells. */
enum StandIn: string
{
    /** A temperature logger with a clamp on the fan's lead and a satellite receiver: decimal commas, a row a second. */
    case Logger = 'logger';

    /** A scan tool: what the engine's computer knows, in whole degrees, two rows a second by its clock. */
    case ScanTool = 'scan-tool';

    private const STARTS_AT_S = 9 * 3600.0;

    private const BEGINS_AT_M = 220.0;

    private const DROP_OUT_SHARE = 0.02;

    /** A stretch without rows, s, and how far apart these lie, s. */
    private const SILENT_S = 25.0;

    private const SILENT_EVERY_S = 400.0;

    /**
     * @param  list<StandInFault>  $faults
     * @param  int  $seed  which vehicle, and which noise
     */
    public function record(Vehicle $vehicle, Drive $drive, array $faults, int $seed = 1): string
    {
        $random = new Randomizer(new Mt19937($seed));
        $off = static fn (float $by): float => 1 + $by * ($random->getInt(-1000, 1000) / 1000);
        $true = new Uncertain(heat: $off(0.2), core: $off(0.15), air: $off(0.2));
        $samples = $vehicle->as($drive, $true)->samples;
        $lines = [$this->header($faults)];
        $at = 0;
        $altitudeM = self::BEGINS_AT_M;
        for ($timeS = 0.0; $timeS <= $drive->lastS(); $timeS += $this->everyS()) {
            while (isset($samples[$at + 1]) && $samples[$at + 1]->timeS <= $timeS) {
                $at++;
            }
            $altitudeM += $samples[$at]->gradientPercent / 100 * $samples[$at]->speedKmh / 3.6 * $this->everyS();
            if (in_array(StandInFault::DropOuts, $faults, true) && fmod($timeS, self::SILENT_EVERY_S) > self::SILENT_EVERY_S - self::SILENT_S) {
                continue;
            }
            $lines[] = $this->line($timeS, $samples[$at], $drive->ambientsC[0], $altitudeM, $vehicle->brief->heat->ratedKw, $faults, $random);
        }

        return implode("\r\n", $lines)."\r\n";
    }

    private function everyS(): float
    {
        return $this === self::Logger ? 1.0 : 0.5;
    }

    /** @param  list<StandInFault>  $faults */
    private function header(array $faults): string
    {
        $isMute = in_array(StandInFault::WrongUnit, $faults, true);

        return match ($this) {
            self::Logger => $isMute
                ? 'Time;Coolant;Ambient;Fan current A;Battery V;Speed;Altitude m'
                : 'Time s;Coolant °C;Ambient °C;Fan current A;Battery V;Speed km/h;Altitude m',
            self::ScanTool => $isMute ? 'timestamp,ECT,VSS,RPM,OAT,Battery V,LOAD' : 'timestamp,ECT (C),VSS (km/h),RPM,OAT (C),Battery V,LOAD (%)',
        };
    }

    /** @param  list<StandInFault>  $faults */
    private function line(float $timeS, Sample $sample, float $ambientC, float $altitudeM, float $ratedKw, array $faults, Randomizer $random): string
    {
        $noise = static fn (float $by): float => $by * ($random->getInt(-1000, 1000) / 1000);
        $isOther = in_array(StandInFault::WrongUnit, $faults, true);
        $temp = static fn (float $tempC): float => $isOther ? 1.8 * $tempC + 32 : $tempC;
        $speed = $sample->speedKmh / ($isOther ? 1.609344 : 1.0);
        $mostKw = $ratedKw * max(1.0, $sample->engineRpm) / 5000;
        $isCoarse = in_array(StandInFault::OneSecondSteps, $faults, true);
        $cells = match ($this) {
            self::Logger => [
                $isCoarse ? floor($timeS) : $timeS, round($temp($sample->coolantC + $noise(0.15)), 1), round($temp($ambientC + $noise(0.3)), 1),
                round($sample->fansA + $noise(0.1), 1), round($sample->batteryV + $noise(0.02), 2),
                round($speed + $noise(0.3), 1), round($altitudeM + $noise(1.5)),
            ],
            self::ScanTool => [
                self::clock($timeS, $isCoarse), round($temp($sample->coolantC)), round($speed),
                round($sample->engineRpm + $noise(15)), round($temp($ambientC)), round($sample->batteryV + $noise(0.03), 1),
                round(min(100.0, $sample->powerW / 10 / $mostKw)),
            ],
        };
        foreach (array_keys($cells) as $at) {
            if ($at > 0 && in_array(StandInFault::DropOuts, $faults, true) && $random->getInt(0, 999) < 1000 * self::DROP_OUT_SHARE) {
                $cells[$at] = $this === self::Logger ? '' : 'NO DATA';
            }
        }

        return $this === self::Logger ? str_replace('.', ',', implode(';', $cells)) : implode(',', $cells);
    }

    private static function clock(float $timeS, bool $isCoarse): string
    {
        $ofDayS = self::STARTS_AT_S + $timeS;
        $seconds = fmod($ofDayS, 60.0);

        return sprintf('%02d:%02d:', intdiv((int) $ofDayS, 3600), intdiv((int) $ofDayS % 3600, 60)).($isCoarse ? sprintf('%02d', $seconds) : sprintf('%04.1f', $seconds));
    }
}
