<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;

/** One finding as it goes out. */
final class FindingAnswer
{
    /** @return array<string, mixed> of a design alone, whose remedies nobody has tried yet */
    public static function untried(Finding $finding): array
    {
        return self::of($finding->with([]));
    }

    /** @return array<string, mixed> */
    public static function of(Finding $finding): array
    {
        $numbers = [];
        foreach ($finding->numbers as $name => [$value, $unit]) {
            $numbers[] = ['name' => $name, 'value' => $value, 'unit' => $unit];
        }

        return [
            'code' => $finding->code,
            'severity' => $finding->severity->value,
            'title' => $finding->title,
            'reason' => $finding->reason,
            'subject' => $finding->subject,
            'briefPath' => $finding->briefPath,
            'numbers' => $numbers,
            'remedies' => array_map(static fn (Remedy $remedy): array => [
                'label' => $remedy->label,
                'changes' => (object) $remedy->changes,
                'removes' => $remedy->removes,
                'adds' => $remedy->adds,
                'cost' => $remedy->cost ?? 0.0,
            ], $finding->remedies),
            'shownBy' => $finding->shownBy,
            'faults' => (object) $finding->faults,
        ];
    }
}
