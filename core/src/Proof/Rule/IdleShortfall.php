<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\Battery;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;
use LampThread\Sizing\SupplyBalance;

/** With everything on at idle the charging system gives less than is drawn: the battery pays. */
final readonly class IdleShortfall implements Rule
{
    /** A battery that stands an evening's queue is not worth more than a note, h (common practice, no source). */
    private const QUEUE_H = 2.0;

    public function judge(Sizing $sizing): array
    {
        $balance = SupplyBalance::of($sizing->brief, $sizing->circuit);
        if ($balance->hoursLeft === null) {
            return [];
        }

        return [new Finding(
            'idle-shortfall',
            $balance->hoursLeft < self::QUEUE_H ? Severity::Warning : Severity::Note,
            Battery::ID,
            '/supply/alternatorIdleA',
            figures: [
                Figure::of('short', Unit::Ampere->of(-$balance->balanceA)),
                Figure::of('battery', Unit::Volt->of($balance->busV)),
                Figure::of('until-least-charge', Unit::Hour->of($balance->hoursLeft)),
            ],
        )];
    }
}
