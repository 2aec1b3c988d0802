<?php

declare(strict_types=1);

namespace App\Trail;

use App\Models\JobRecord;
use App\Models\RecordKind;

/** What this workshop has found to be wrong, over all its jobs. */
final class FoundFaults
{
    private const LOOKED_AT = 5000;

    /** @return array<string, int> kind of part and way to fail to how often */
    public static function counts(): array
    {
        $classes = JobRecord::query()->where('kind', RecordKind::Fault->value)->orderByDesc('number')->limit(self::LOOKED_AT)->get()
            ->map(static fn (JobRecord $record): string => (string) ($record->data['typed'] ?? ''))->all();

        return array_count_values(array_filter($classes));
    }
}
