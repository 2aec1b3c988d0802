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
    /** Taken where a log does not tell it, °C. */
    public const USUAL_AMBIENT_C = 25.0;

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
     * @param  array<string, float>  $spreads  their standard deviations, over the figures: from what is left over, and from what was not fitted and
     *                                        may be other than told
     * @param  array<string, Message>  $untold  figure to why it was left alone
     * @param  list<array{float, float, float, float}>  $curve  time s, measured °C, before and after the fit °C
     */
    private function __construct(
        public array $figures,
        public array $spreads,
        public array $untold,
        public float $rmsBeforeK,
        public float $rmsK,
        public array $curve,
    ) {}

    /**
     * @param  list<float|null>  $measuredC  coolant at each time of the drive; null where it dropped out
     * @param  Spreads  $guessed  how sure the figures were before
     */
    public static function fit(Brief $brief, FanResponse $fans, Drive $drive, array $measuredC, Spreads $guessed, float $altitudeM = 0.0): self
    {
        $every = max(1, intdiv(count($measuredC), self::MOST_POINTS));
        $at = [];
        foreach ($drive->timesS as $row => $timeS) {
            if ($row % $every === 0 && $measuredC[$row] !== null) {
                $at[] = [$timeS, $measuredC[$row]];
            }
        }
        $start = [
            'heatShare' => $brief->heat->heatShare,
            'coreWPerK' => $brief->heat->coreWPerK($brief->fit ?? new Fit(600, 400, 100, false)),
            'airShare' => $brief->heat->airShare,
        ];
        $curve = static fn (array $figures, Uncertain $as = new Uncertain): array => self::curve($brief, $fans, $drive, $figures, $at, $altitudeM, $as);
        $before = $curve($start);
        [$told, $untold] = self::tellable($curve, $start, $before);
        $figures = $start;
        $now = $before;
        $damping = 0.01;
        for ($iteration = 0; $iteration < self::ITERATIONS && $told !== []; $iteration++) {
            $residuals = array_map(static fn (array $point, float $ours): float => $point[1] - $ours, $at, $now);
            $step = LeastSquares::step(self::slopes($curve, $figures, $told, $now), $residuals, $damping);
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

        $residuals = array_map(static fn (array $point, float $ours): float => $point[1] - $ours, $at, $now);

        return new self(
            array_intersect_key($figures, array_flip($told)),
            $told === [] ? [] : LeastSquares::deviations(self::slopes($curve, $figures, $told, $now), $residuals, self::leanings($curve, $figures, $told, $now, $guessed)),
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
     * How the curve answers to each figure's logarithm.
     *
     * @param  \Closure(array<string, float>): list<float>  $curve
     * @param  array<string, float>  $figures
     * @param  list<string>  $told
     * @param  list<float>  $now
     * @return array<string, list<float>>
     */
    private static function slopes(\Closure $curve, array $figures, array $told, array $now): array
    {
        $slopes = [];
        foreach ($told as $name) {
            $nudged = $curve([...$figures, $name => $figures[$name] * (1 + self::NUDGE)]);
            $slopes[$name] = array_map(static fn (float $one, float $none): float => ($one - $none) / log(1 + self::NUDGE), $nudged, $now);
        }

        return $slopes;
    }

    /**
     * What the curve does where a figure that was not fitted is other than told, by as much as it may be. What the road asks for is not among
     * them: with the heat share it makes one figure.
     *
     * @param  \Closure(array<string, float>, Uncertain=): list<float>  $curve
     * @param  array<string, float>  $figures
     * @param  list<string>  $told
     * @param  list<float>  $now
     * @return list<list<float>> K at each moment
     */
    private static function leanings(\Closure $curve, array $figures, array $told, array $now, Spreads $guessed): array
    {
        $spreads = array_diff_key(['heatShare' => $guessed->heat, 'coreWPerK' => $guessed->core, 'airShare' => $guessed->air], array_flip($told));
        $others = [
            ...array_map(static fn (string $name): array => $curve([...$figures, $name => $figures[$name] * (1 + $spreads[$name])]), array_keys($spreads)),
            $curve($figures, new Uncertain(fans: 1 + $guessed->fans)),
            $curve($figures, new Uncertain(pump: 1 + $guessed->pump)),
            $curve($figures, new Uncertain(thermostatK: $guessed->thermostatK)),
        ];

        return array_values(array_map(static fn (array $other): array => array_map(static fn (float $one, float $none): float => $one - $none, $other, $now), $others));
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
     * @param  array<string, float>  $figures
     * @param  list<array{float, float}>  $at
     * @return list<float> °C at each of those times
     */
    private static function curve(Brief $brief, FanResponse $fans, Drive $drive, array $figures, array $at, float $altitudeM, Uncertain $as): array
    {
        $heat = new Heat($brief->heat->ratedKw, $figures['heatShare'], $figures['coreWPerK'], $figures['airShare'], $brief->heat->engineKg);
        $result = Simulation::of($brief->withHeat($heat), $fans, $altitudeM, self::STEP_S, as: $as)->run($drive);
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
