<?php

declare(strict_types=1);

namespace LampThread\Exchange;

/** Tests with what was read at them, as CSV. */
final class ReadingsCsv
{
    /**
     * @param  list<array<string, mixed>>  $tests  worded
     * @param  array<string, array{typed: string, value: float, passes: bool|null, by: string, at: string}>  $readings  by test
     */
    public static function write(array $tests, array $readings): string
    {
        $rows = [['phase', 'test', 'setting', 'expected', 'read', 'passes', 'by', 'at']];
        foreach ($tests as $test) {
            $reading = $readings[$test['id']] ?? null;
            $rows[] = [
                $test['phase'], $test['title'], implode(' ', $test['setting']), $test['says'], $reading['typed'] ?? '',
                $reading === null ? '' : match ($reading['passes']) {
                    true => 'yes', false => 'no', null => 'no longer counts'
                },
                $reading['by'] ?? '', $reading['at'] ?? '',
            ];
        }

        return Csv::of($rows);
    }
}
