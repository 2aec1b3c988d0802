<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;

/** One finding as it goes out, its messages still messages. */
final class FindingPresenter
{
    /** @return array<string, mixed> of a design alone, whose remedies nobody has evaluated yet */
    public static function withoutRemedies(Finding $finding): array
    {
        return self::of($finding->withRemedies([]));
    }

    /** @return array<string, mixed> */
    public static function figure(Figure $figure): array
    {
        return ['name' => $figure->name, 'value' => $figure->value->value, 'unit' => $figure->value->unit->value];
    }

    /** @return array<string, mixed> */
    public static function of(Finding $finding): array
    {
        return [
            'code' => $finding->code,
            'severity' => $finding->severity->value,
            'title' => $finding->title(),
            'reason' => $finding->reason(),
            'subject' => $finding->subject,
            'briefPath' => $finding->briefPath,
            'numbers' => array_map(self::figure(...), $finding->figures),
            'remedies' => array_map(static fn (Remedy $remedy): array => [
                'label' => $remedy->label,
                'changes' => (object) $remedy->changes->byPlace,
                'removes' => $remedy->removes,
                'adds' => $remedy->adds,
                'cost' => $remedy->cost ?? 0.0,
            ], $finding->remedies),
            'key' => $finding->key(),
            'byHand' => $finding->byHand(),
            'consequences' => array_map(
                static fn (Finding $one): array => ['title' => $one->title(), 'reason' => $one->reason(), 'severity' => $one->severity->value],
                $finding->withEveryConsequence(),
            ),
            'accepted' => $finding->accepted === null ? null : [
                'reason' => $finding->accepted->reason, 'by' => $finding->accepted->by, 'on' => $finding->accepted->on,
            ],
            'shownBy' => $finding->shownBy,
            'faults' => (object) $finding->faults,
        ];
    }
}
