<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;

/** A sensor that reads wrongly: scaled over, pushed off its place, aged. */
final readonly class Drifted extends Fault
{
    /** How far off it reads, K (common practice, no source). */
    public const DRIFT_K = 10.0;

    private function __construct(FaultKind $kind, private float $driftK)
    {
        parent::__construct($kind);
    }

    /** It reads less than there is. */
    public static function low(): self
    {
        return new self(FaultKind::Drifted, self::DRIFT_K);
    }

    /** It reads more than there is. */
    public static function high(): self
    {
        return new self(FaultKind::DriftedHigh, -self::DRIFT_K);
    }

    public function driftK(): float
    {
        return $this->driftK;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::ReadsTheSame;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(acts: $this->driftK > 0.0 ? 'acts-late' : 'acts-early');
    }
}
