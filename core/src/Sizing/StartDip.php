<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\Rail;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\RunUp;
use LampThread\Operation\Solver;

/** How far the battery falls when the fans start together, and when each starts while the others run. */
final readonly class StartDip
{
    /** A fan that draws less than this with its rotor held is not fed, A. */
    private const FED_A = 0.5;

    private function __construct(public int $fans, public float $togetherV, public float $apartV) {}

    /** @return self|null null where no fan ever starts */
    public static function of(Circuit $circuit, OperatingEnvelope $starting): ?self
    {
        $solver = new Solver($circuit);
        $motors = $circuit->each(FanMotor::class);
        $drawA = static fn (OperatingPoint $point): float => array_sum(array_map(
            static fn (FanMotor $motor): float => abs($point->currentA($motor->id)),
            $motors,
        ));
        $hardest = $starting->points[0];
        foreach ($starting->points as $point) {
            if ($point->conditions->key === Key::Run && $drawA($point) > $drawA($hardest)) {
                $hardest = $point;
            }
        }
        $fed = [];
        foreach ($motors as $motor) {
            if (abs($hardest->currentA($motor->id)) > self::FED_A) {
                $fed[] = $motor->id;
            }
        }
        if ($fed === []) {
            return null;
        }
        $together = RunUp::of($solver, $hardest, [], [Rail::SUPPLY]);
        $apart = array_map(static fn (string $fan): float => $together->again($fan)->leastV(Rail::SUPPLY), count($fed) > 1 ? $fed : []);

        $togetherV = $together->leastV(Rail::SUPPLY);

        return new self(count($fed), $togetherV, $apart === [] ? $togetherV : min($apart));
    }
}
