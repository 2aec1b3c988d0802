<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\TestLead;
use LampThread\Observation\Appearance;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Scenario\Limits;

/** A bare wire held from one terminal to another: what the fans do then, or what it costs. */
final readonly class Jumper
{
    /** Nobody holds a wire that carries more, A (common practice, no source). */
    private const MOST_A = 60.0;

    public function __construct(private Circuit $circuit, private Limits $limits) {}

    /** @return array{danger: bool, seen: string} `refused`, `blows:` with the fuse, or what the fans are seen to do */
    public function seen(Cause $cause, Situation $situation, string $from, string $to): array
    {
        $joined = $this->circuit->with(TestLead::wire($from, $to));
        $point = (new Solver($joined))->settle($situation->conditions->withFaults($cause->feltIn($situation)));
        $opens = $this->limits->opens($point);

        return match (true) {
            self::isAcross($from, $to) || abs($point->currentA(TestLead::ID)) > self::MOST_A && $opens === null => ['danger' => true, 'seen' => 'refused'],
            $opens !== null => ['danger' => true, 'seen' => "blows:{$opens[0]}"],
            default => ['danger' => false, 'seen' => $this->look($point)],
        };
    }

    private function look(OperatingPoint $point): string
    {
        return Appearance::of($point)->token();
    }

    private static function isAcross(string $from, string $to): bool
    {
        return [$from, $to] === [Rail::SUPPLY, Rail::EARTH] || [$from, $to] === [Rail::EARTH, Rail::SUPPLY];
    }
}
