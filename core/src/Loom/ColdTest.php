<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Sizing\Sizing;

/** What is seen when a circuit is tried with the key on, the engine standing and everything cold. */
final readonly class ColdTest
{
    public const RUNS = 'runs';

    public const STOPS = 'stops';

    public const CLICKS = 'clicks';

    private const COLD_C = 20.0;

    /** Less than this is not told apart by ear or by a clamp meter, A. */
    private const SAME_A = 0.2;

    public function __construct(private Sizing $sizing) {}

    /** What the fans do when a relay's coil is fed by hand. */
    public function pulledIn(Relay $relay): string
    {
        $conditions = new OperatingConditions(Key::Run, 0, self::COLD_C);
        $solver = new Solver($this->sizing->circuit);
        $before = $solver->settle($conditions);
        $fansA = $this->fansA($before);
        $thenA = $this->fansA($solver->breakIn($before, $conditions->withFaults($this->byHand($relay))));

        return match (true) {
            $thenA > $fansA + self::SAME_A => self::RUNS,
            $thenA < $fansA - self::SAME_A => self::STOPS,
            default => self::CLICKS,
        };
    }

    /** Its 85 put to earth, and with it whatever else is joined there; where 85 is earthed, its 86 fed. */
    private function byHand(Relay $relay): Faults
    {
        $at85 = $this->sizing->circuit->wiresAt($relay->terminal('85'));
        foreach ($at85 as $wire) {
            if ($this->sizing->circuit->componentAt($wire->to)?->isEarthPoint() === true) {
                return $this->sizing->circuit->broken([$relay->id => FaultKind::StuckOn]);
            }
        }

        return $this->sizing->circuit->broken($at85 === [] ? [$relay->id => FaultKind::StuckOn] : [$at85[0]->id => FaultKind::Chafed]);
    }

    /** What a clamp meter shows of a fan with the engine standing, A. */
    public function currentA(FanMotor $motor): float
    {
        $mostA = 0.0;
        foreach ($this->sizing->envelope->points as $point) {
            if ($point->conditions->key === Key::Run && $point->conditions->engineRpm === 0.0) {
                $mostA = max($mostA, abs($point->currentA($motor->id)));
            }
        }

        return $mostA > 0.0 ? $mostA : $this->sizing->envelope->greatestA($motor->id);
    }

    private function fansA(OperatingPoint $point): float
    {
        return array_sum(array_map(static fn (FanMotor $motor): float => abs($point->currentA($motor->id)), $this->sizing->circuit->each(FanMotor::class)));
    }
}
