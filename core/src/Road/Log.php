<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Assumptions;
use LampThread\Message\Message;

/** What was measured on a drive, thinned to some thousand moments. What was not measured, or dropped out, is null. */
final readonly class Log
{
    /** Longer without a moment is a gap, in usual steps and in seconds. */
    private const GAP_STEPS = 5.0;

    private const LEAST_GAP_S = 10.0;

    /** Engine speed of its rated power, rpm (common practice, no source). */
    private const RATED_RPM = 5000.0;

    /** A gradient is taken over this way, m; shorter ones are noise of the receiver. */
    private const GRADIENT_OVER_M = 150.0;

    private const STEEPEST_PERCENT = 40.0;

    /**
     * @param  list<float>  $timesS  rising, from 0
     * @param  list<float|null>  $coolantC
     * @param  list<float|null>  $ambientC
     * @param  list<float|null>  $speedKmh
     * @param  list<float|null>  $rpm  of the engine
     * @param  list<float|null>  $fanA  current of the fans
     * @param  list<float|null>  $batteryV
     * @param  list<float|null>  $loadPercent  torque of the engine over the most it has at that speed, as its computer has it
     * @param  list<float|null>  $altitudeM
     */
    public function __construct(
        public array $timesS,
        public array $coolantC,
        public array $ambientC,
        public array $speedKmh,
        public array $rpm,
        public array $fanA,
        public array $batteryV,
        public array $loadPercent,
        public array $altitudeM,
    ) {}

    public function lastS(): float
    {
        return $this->timesS[count($this->timesS) - 1];
    }

    /** @param  list<float|null>  $channel */
    public static function isMeasured(array $channel): bool
    {
        return array_filter($channel, static fn (?float $value): bool => $value !== null) !== [];
    }

    /** @return list<array{float, float}> from and to, s, of stretches in which nothing came in */
    public function gaps(): array
    {
        $steps = [];
        for ($at = 1; $at < count($this->timesS); $at++) {
            $steps[] = $this->timesS[$at] - $this->timesS[$at - 1];
        }
        sort($steps);
        $longest = max(self::LEAST_GAP_S, self::GAP_STEPS * ($steps[intdiv(count($steps), 2)] ?? 0.0));
        $gaps = [];
        for ($at = 1; $at < count($this->timesS); $at++) {
            if ($longest < $this->timesS[$at] - $this->timesS[$at - 1]) {
                $gaps[] = [$this->timesS[$at - 1], $this->timesS[$at]];
            }
        }

        return $gaps;
    }

    /**
     * The drive it was, to be driven by the model: what dropped out goes in straight lines, what was not measured is as usual.
     *
     * @param  list<bool>|null  $fansOn  as they ran; null lets the plan's switches decide
     * @param  float  $ambientC  where none was measured
     */
    public function drive(string $id, Message $name, ?array $fansOn, float $ambientC): Drive
    {
        $speeds = self::isMeasured($this->speedKmh) ? self::filled($this->speedKmh) : array_fill(0, count($this->timesS), 0.0);
        $rpms = self::isMeasured($this->rpm) ? self::filled($this->rpm) : array_map(Assumptions::engineRpm(...), $speeds);
        $coolantC = self::filled($this->coolantC);
        $loads = array_fill(0, count($this->timesS), null);
        if (self::isMeasured($this->loadPercent)) {
            $loads = array_map(
                static fn (float $percent, float $rpm): float => min(1.0, $percent / 100 * $rpm / self::RATED_RPM), self::filled($this->loadPercent), $rpms,
            );
        }

        return new Drive(
            $id, $name, Message::of('drive.imported.description'), $coolantC[0], $this->timesS, $speeds, $rpms, $loads,
            self::isMeasured($this->ambientC) ? self::filled($this->ambientC) : array_fill(0, count($this->timesS), $ambientC),
            array_fill(0, count($this->timesS), false), array_map(static fn (float $rpm): bool => $rpm > 0, $rpms), $this->gradients($speeds), 0.0,
            $fansOn,
        );
    }

    /** Whether it tells what the road asked of the engine: by its load, or by speed and altitude. */
    public function tellsLoad(): bool
    {
        return self::isMeasured($this->loadPercent) || (self::isMeasured($this->speedKmh) && self::isMeasured($this->altitudeM));
    }

    /**
     * @param  list<float>  $speeds  km/h
     * @return list<float> rise over run, %; level where no altitude was measured
     */
    private function gradients(array $speeds): array
    {
        if (! self::isMeasured($this->altitudeM)) {
            return [];
        }
        $altitudes = self::filled($this->altitudeM);
        $wayM = [0.0];
        for ($at = 1; $at < count($speeds); $at++) {
            $wayM[] = $wayM[$at - 1] + ($speeds[$at] + $speeds[$at - 1]) / 7.2 * ($this->timesS[$at] - $this->timesS[$at - 1]);
        }
        $gradients = [];
        $from = $to = 0;
        $last = count($speeds) - 1;
        foreach ($wayM as $at => $way) {
            while ($from < $at && $wayM[$from + 1] <= $way - self::GRADIENT_OVER_M / 2) {
                $from++;
            }
            while ($to < $last && $wayM[$to] < $way + self::GRADIENT_OVER_M / 2) {
                $to++;
            }
            $run = $wayM[$to] - $wayM[$from];
            $percent = $run < self::GRADIENT_OVER_M / 4 ? 0.0 : 100 * ($altitudes[$to] - $altitudes[$from]) / $run;
            $gradients[] = max(-self::STEEPEST_PERCENT, min(self::STEEPEST_PERCENT, $percent));
        }

        return $gradients;
    }

    /**
     * @param  list<float|null>  $channel  with something in it
     * @return list<float>
     */
    public static function filled(array $channel): array
    {
        $known = array_filter($channel, static fn (?float $value): bool => $value !== null);
        $filled = [];
        $before = null;
        $ahead = array_keys($known);
        $next = 0;
        foreach ($channel as $at => $value) {
            while ($next < count($ahead) && $ahead[$next] <= $at) {
                $before = $ahead[$next++];
            }
            $after = $ahead[$next] ?? null;
            $filled[] = match (true) {
                $value !== null => $value,
                $before === null => (float) $known[(int) $after],
                $after === null => (float) $known[$before],
                default => $known[$before] + ($known[$after] - $known[$before]) * ($at - $before) / ($after - $before),
            };
        }

        return $filled;
    }
}
