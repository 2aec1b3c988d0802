<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Assumptions;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Road\EngineFanAir;
use LampThread\Sizing\Sizing;

/** A fan the engine drives: what it takes and how loud it is against idle, so what leaving it or taking it off is worth. Reckoned by the fan laws. */
final readonly class EngineDrivenFan implements Rule
{
    /** Engine speed it is told at, rpm, and hot coolant, so that a viscous one holds, °C. */
    private const FAST_RPM = 3000.0;

    private const HOT_C = 95.0;

    /** Sound power of a fan goes with about the fifth power of its speed: 50 dB a decade (standard texts on fan noise, from memory). */
    private const DB_A_DECADE = 50.0;

    public function judge(Sizing $sizing): array
    {
        $told = $sizing->brief->engineFan;
        if ($told === null) {
            return [];
        }
        $fan = new EngineFanAir($told);
        $louderDb = self::DB_A_DECADE * log10($fan->rpm(self::FAST_RPM, self::HOT_C) / $fan->rpm(Assumptions::IDLE_RPM, self::HOT_C));

        return [new Finding(
            $told->isRemoved ? 'engine-fan-removed' : 'engine-fan-kept',
            Severity::Note,
            $sizing->brief->fans[0]->id,
            '/engineFan/isRemoved',
            ['speed' => Unit::Rpm->of(self::FAST_RPM), 'power' => Unit::Watt->of(round($fan->powerW(self::FAST_RPM, self::HOT_C), -1))],
            [
                Figure::of('takes-fast', Unit::Watt->of(round($fan->powerW(self::FAST_RPM, self::HOT_C), -1))),
                Figure::of('moves-at-idle', Unit::CubicMetrePerHour->of(round($fan->airM3h(Assumptions::IDLE_RPM, self::HOT_C), -1))),
                Figure::of('louder-than-idle', Unit::Decibel->of(round($louderDb))),
            ],
        )];
    }
}
