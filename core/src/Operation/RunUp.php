<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Stepless;

/**
 * Fans that start together from rest, against time. Each motor obeys
 *
 *     L·dI/dt = V − E − Ra·I,   dE/dt = a·(I − I_r·(E/E_r)²)
 *
 * with `a` from its run-up time. Half-millisecond steps while the armature's inductance matters, then steps that are short
 * against the run-up, with the current where its inductance would leave it. A stepless controller raises its duty evenly over its
 * soft start.
 */
final readonly class RunUp
{
    /** Inductance of an armature over its resistance, s (common practice, no source). */
    public const ARMATURE_S = 0.0015;

    public const FAST_STEP_S = 0.0005;

    private const FAST_STEPS = 24;

    private const SLOW_STEPS = 120;

    /** Run-up times after which nothing changes any more. */
    private const SPAN = 3.0;

    /** Places of a soft start at which the circuit is looked at. */
    private const DUTIES = 10;

    /**
     * @param  non-empty-list<float>  $timesS
     * @param  array<string, non-empty-list<float>>  $currentsA  by fan, and by element that was watched
     * @param  array<string, non-empty-list<float>>  $volts  by terminal that was watched
     * @param  array<string, float>  $endEmfV  back-EMF of each fan once it runs
     */
    private function __construct(
        public OperatingPoint $standing,
        public array $timesS,
        public array $currentsA,
        public array $volts,
        private StartingFans $starting,
        private array $endEmfV,
        private float $spanS,
    ) {}

    /**
     * @param  OperatingPoint  $standing  settled with every fan held fast: the moment they are switched on
     * @param  list<string>  $elements  to watch
     * @param  list<string>  $terminals  to watch
     */
    public static function of(Solver $solver, OperatingPoint $standing, array $elements, array $terminals): self
    {
        $motors = $standing->circuit->each(FanMotor::class);
        $fans = array_map(static fn (FanMotor $motor): string => $motor->id, $motors);
        [$softS, $duties] = self::softStart($standing);
        $ports = array_map(
            static fn (array $positions): TheveninPorts => TheveninPorts::of(
                $solver, $standing->conditions, $positions, $fans, [...$fans, ...$elements], $terminals,
            ),
            $duties,
        );
        $runUpS = max([0.0, ...array_map(static fn (FanMotor $motor): float => $motor->fan->startS, $motors)]);

        return self::run(
            $standing,
            new StartingFans($motors, $ports, $softS),
            array_fill_keys($fans, 0.0),
            self::SPAN * $runUpS + $softS,
            $elements,
            $terminals,
        );
    }

    /** The same moment with all fans running but one, which starts. */
    public function again(string $fan): self
    {
        return self::run(
            $this->standing,
            $this->starting,
            [...$this->endEmfV, $fan => 0.0],
            $this->spanS,
            array_keys(array_diff_key($this->currentsA, $this->endEmfV)),
            array_keys($this->volts),
        );
    }

    /**
     * @param  array<string, float>  $emfV  back-EMF of each fan to begin with
     * @param  list<string>  $elements
     * @param  list<string>  $terminals
     */
    private static function run(OperatingPoint $standing, StartingFans $starting, array $emfV, float $spanS, array $elements, array $terminals): self
    {
        $fans = array_keys($emfV);
        $states = self::integrate($starting, array_values($emfV), $spanS);
        $currents = [];
        foreach ($fans as $at => $fan) {
            $currents[$fan] = array_map(static fn (array $state): float => $state[2][$at], $states);
        }
        $watch = static fn (int $quantity): array => array_map(
            static fn (array $state): float => $starting->circuitAt($state[0])->at($quantity, $state[1]),
            $states,
        );
        foreach ($elements as $at => $element) {
            $currents[$element] = $watch(count($fans) + $at);
        }
        $volts = [];
        foreach ($terminals as $at => $terminal) {
            $volts[$terminal] = $watch(count($fans) + count($elements) + $at);
        }

        return new self(
            $standing, array_column($states, 0), $currents, $volts, $starting, array_combine($fans, $states[count($states) - 1][1]), $spanS,
        );
    }

    public function surge(string $element): Surge
    {
        return new Surge($this->timesS, $this->currentsA[$element]);
    }

    /** The lowest a watched terminal falls to, V. */
    public function leastV(string $terminal): float
    {
        return min($this->volts[$terminal]);
    }

    /**
     * How long the soft start takes, s, and where everything stands along it.
     *
     * @return array{float, non-empty-list<array<string, int>>}
     */
    private static function softStart(OperatingPoint $standing): array
    {
        $softS = 0.0;
        $along = array_fill(0, self::DUTIES + 1, $standing->positions);
        foreach ($standing->circuit->each(Stepless::class) as $controller) {
            $duty = $standing->position($controller->id);
            if ($duty > 0) {
                $softS = max($softS, $controller->softStartS);
                foreach ($along as $at => $_) {
                    $along[$at][$controller->id] = max(1, intdiv($duty * $at, self::DUTIES));
                }
            }
        }

        return $softS > 0 ? [$softS, $along] : [0.0, [$standing->positions]];
    }

    /**
     * @param  list<float>  $emfV  back-EMF of each fan to begin with; those that have one carry their current already
     * @return non-empty-list<array{float, list<float>, list<float>}> time, opposing voltage and current of each fan
     */
    private static function integrate(StartingFans $starting, array $emfV, float $spanS): array
    {
        $count = count($emfV);
        $currentA = array_map(
            static fn (float $volts, float $settledA): float => $volts === 0.0 ? 0.0 : $settledA,
            $emfV,
            $starting->settledA(0.0, $emfV),
        );
        $state = [...$emfV, ...$currentA];
        $states = [[0.0, $starting->opposingV(0.0, $state), $currentA]];
        for ($step = 0; $step < self::FAST_STEPS; $step++) {
            $state = RungeKutta::step($starting->laggedSlopes(...), $step * self::FAST_STEP_S, $state, self::FAST_STEP_S);
            $timeS = ($step + 1) * self::FAST_STEP_S;
            $states[] = [$timeS, $starting->opposingV($timeS, $state), array_slice($state, $count)];
        }
        $fromS = self::FAST_STEPS * self::FAST_STEP_S;
        $emfV = array_slice($state, 0, $count);
        $stepS = ($spanS - $fromS) / self::SLOW_STEPS;
        for ($step = 0; $step < self::SLOW_STEPS; $step++) {
            $emfV = RungeKutta::step($starting->slopes(...), $fromS + $step * $stepS, $emfV, $stepS);
            $timeS = $fromS + ($step + 1) * $stepS;
            $states[] = [$timeS, $emfV, $starting->settledA($timeS, $emfV)];
        }

        return $states;
    }
}
