<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding;
use LampThread\Proof\Severity;
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
            'At idle the battery drains',
            'With everything on, the alternator’s idle output is less than what is drawn. A queue on a hot evening then ends with a weak battery.',
            'battery',
            '/supply/alternatorIdleA',
            [
                'short' => [-$balance->balanceA, 'A'],
                'battery' => [$balance->busV, 'V'],
                'until 70 % is left' => [$balance->hoursLeft, 'h'],
            ],
            [],
        )];
    }
}
