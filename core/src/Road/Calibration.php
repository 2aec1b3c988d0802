<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\Fit;
use LampThread\Brief\Heat;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/**
 * Fits heat into the coolant, the core's conductance and the share of ram air to a measured drive, by the Levenberg-Marquardt method on
 * the logarithms of the figures. A figure the measurement cannot tell is left alone and said; when it can tell none, the fit is refused.
 */
final readonly class Calibration
{
    private const FIGURES = ['heatShare', 'coreWPerK', 'airShare'];

    private const ITERATIONS = 10;

    private const NUDGE = 0.03;

    /** A figure that moves the curve by less than this for a third more of it cannot be told, K. */
    private const LEAST_EFFECT_K = 0.4;

    /** Two figures whose effects are as alike as this cannot be told apart (correlation). */
    private const MOST_ALIKE = 0.985;

    /** Measured points that are looked at, spread over the log. */
    private const MOST_POINTS = 240;

    private const STEP_S = 0.5;

    /**
     * @param  array<string, float>  $figures  fitted ones by name
     * @param  array<string, Message>  $untold  figure to why it was left alone
     * @param  list<array{float, float, float, float}>  $curve  time s, measured °C, before and after the fit °C
     */
    private function __construct(
        public array $figures,
        public array $untold,
        public float $rmsBeforeK,
        public float $rmsK,
        public array $curve,
    ) {}

    /**
     * @param  list<float>  $measuredC  coolant at each time of the drive
     */
    public static function fit(Brief $brief, FanResponse $fans, Drive $drive, array $measuredC, float $altitudeM = 0.0): self
    {
        $every = max(1, intdiv(count($measuredC), self::MOST_POINTS));
        $at = [];
        foreach ($drive->timesS as $row => $timeS) {
            if ($row % $every === 0) {
                $at[] = [$timeS, $measuredC[$row]];
            }
        }
        $start = [
            'heatShare' => $brief->heat->heatShare,
            'coreWPerK' => $brief->heat->coreWPerK($brief->fit ?? new Fit(600, 400, 100, false)),
            'airShare' => $brief->heat->airShare,
        ];
        $curve = static fn (array $figures): array => self::curve($brief, $fans, $drive, $figures, $at, $altitudeM);
        $before = $curve($start);
        [$told, $untold] = self::tellable($curve, $start, $before);
        $figures = $start;
        $now = $before;
        $damping = 0.01;
        for ($iteration = 0; $iteration < self::ITERATIONS && $told !== []; $iteration++) {
            $residuals = array_map(static fn (array $point, float $ours): float => $point[1] - $ours, $at, $now);
            $slopes = [];
            foreach ($told as $name) {
                $nudged = $curve([...$figures, $name => $figures[$name] * (1 + self::NUDGE)]);
                $slopes[$name] = array_map(static fn (float $one, float $none): float => ($one - $none) / log(1 + self::NUDGE), $nudged, $now);
            }
            $step = self::solve($told, $slopes, $residuals, $damping);
            $next = $figures;
            foreach ($step as $name => $by) {
                $next[$name] = $figures[$name] * exp(max(-0.5, min(0.5, $by)));
            }
            $tried = $curve($next);
            if (self::rms($at, $tried) < self::rms($at, $now)) {
                $damping = max(1e-6, $damping / 5);
                $isStill = abs(self::rms($at, $tried) - self::rms($at, $now)) < 1e-4;
                [$figures, $now] = [$next, $tried];
                if ($isStill) {
                    break;
                }
            } else {
                $damping *= 8;
            }
        }

        return new self(
            array_intersect_key($figures, array_flip($told)),
            $untold,
            self::rms($at, $before),
            self::rms($at, $now),
            array_map(static fn (array $point, float $was, float $is): array => [$point[0], $point[1], $was, $is], $at, $before, $now),
        );
    }

    public function isRefused(): bool
    {
        return $this->figures === [];
    }

    /**
     * @param  \Closure(array<string, float>): list<float>  $curve
     * @param  array<string, float>  $start
     * @param  list<float>  $before
     * @return array{list<string>, array<string, Message>}
     */
    private static function tellable(\Closure $curve, array $start, array $before): array
    {
        $told = [];
        $untold = [];
        /** @var array<string, list<float>> $effects */
        $effects = [];
        foreach (self::FIGURES as $name) {
            $effect = array_map(static fn (float $one, float $none): float => $one - $none, $curve([...$start, $name => $start[$name] * 1.33]), $before);
            $size = sqrt(array_sum(array_map(static fn (float $k): float => $k * $k, $effect)) / max(1, count($effect)));
            if ($size < self::LEAST_EFFECT_K) {
                $untold[$name] = Message::of('calibration.no-effect', effect: Unit::Kelvin->of($size));

                continue;
            }
            foreach ($told as $other) {
                if (abs(self::alike($effect, $effects[$other])) > self::MOST_ALIKE) {
                    $untold[$name] = Message::of('calibration.alike', other: Message::of("calibration.figure.{$other}"));
                }
            }
            if (! isset($untold[$name])) {
                $told[] = $name;
                $effects[$name] = $effect;
            }
        }

        return [$told, $untold];
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function alike(array $a, array $b): float
    {
        $dot = $aa = $bb = 0.0;
        foreach ($a as $at => $value) {
            $dot += $value * $b[$at];
            $aa += $value ** 2;
            $bb += $b[$at] ** 2;
        }

        return $dot / max(1e-12, sqrt($aa * $bb));
    }

    /**
     * Normal equations with damping, by elimination.
     *
     * @param  list<string>  $names
     * @param  array<string, list<float>>  $slopes
     * @param  list<float>  $residuals
     * @return array<string, float>
     */
    private static function solve(array $names, array $slopes, array $residuals, float $damping): array
    {
        $size = count($names);
        $matrix = [];
        foreach ($names as $row => $a) {
            foreach ($names as $column => $b) {
                $matrix[$row][$column] = array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $slopes[$a], $slopes[$b]));
            }
            $matrix[$row][$row] *= 1 + $damping;
            $matrix[$row][$size] = array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $slopes[$a], $residuals));
        }
        for ($pivot = 0; $pivot < $size; $pivot++) {
            for ($row = 0; $row < $size; $row++) {
                if ($row !== $pivot && abs($matrix[$pivot][$pivot]) > 1e-12) {
                    $by = $matrix[$row][$pivot] / $matrix[$pivot][$pivot];
                    for ($column = $pivot; $column <= $size; $column++) {
                        $matrix[$row][$column] -= $by * $matrix[$pivot][$column];
                    }
                }
            }
        }
        $step = [];
        foreach ($names as $row => $name) {
            $step[$name] = abs($matrix[$row][$row]) > 1e-12 ? $matrix[$row][$size] / $matrix[$row][$row] : 0.0;
        }

        return $step;
    }

    /**
     * @param  array<string, float>  $figures
     * @param  list<array{float, float}>  $at
     * @return list<float> °C at each of those times
     */
    private static function curve(Brief $brief, FanResponse $fans, Drive $drive, array $figures, array $at, float $altitudeM): array
    {
        $heat = new Heat($brief->heat->ratedKw, $figures['heatShare'], $figures['coreWPerK'], $figures['airShare'], $brief->heat->engineKg);
        $bands = array_map(static fn ($stage) => $stage->decider->band(), $brief->control->stages);
        $result = (new Simulation(HeatModel::of($brief->withHeat($heat)), $fans, $bands, $brief->cooling->ceilingC, $altitudeM, self::STEP_S))->run($drive);
        $curve = [];
        $sample = 0;
        $last = count($result->samples) - 1;
        foreach ($at as [$timeS]) {
            while ($sample < $last && $result->samples[$sample + 1]->timeS <= $timeS) {
                $sample++;
            }
            $next = min($last, $sample + 1);
            $spanS = $result->samples[$next]->timeS - $result->samples[$sample]->timeS;
            $share = $spanS > 0 ? min(1.0, ($timeS - $result->samples[$sample]->timeS) / $spanS) : 0.0;
            $curve[] = $result->samples[$sample]->coolantC + $share * ($result->samples[$next]->coolantC - $result->samples[$sample]->coolantC);
        }

        return $curve;
    }

    /**
     * @param  list<array{float, float}>  $at
     * @param  list<float>  $curve
     */
    private static function rms(array $at, array $curve): float
    {
        return sqrt(array_sum(array_map(static fn (array $point, float $ours): float => ($point[1] - $ours) ** 2, $at, $curve)) / max(1, count($at)));
    }
}
