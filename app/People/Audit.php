<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\DB;

/** Who did what and when; only added to. */
final class Audit
{
    private const PAGE = 200;

    public static function add(string $person, string $action, string $subject = ''): void
    {
        DB::table('audit')->insert(['at' => now(), 'person' => mb_substr($person, 0, 80), 'action' => $action, 'subject' => mb_substr($subject, 0, 160)]);
    }

    /** @return list<array{at: string, person: string, action: string, subject: string}> the newest first */
    public static function latest(): array
    {
        return array_values(array_map(
            static fn (object $row): array => [
                'at' => str_replace(' ', 'T', (string) data_get($row, 'at')).'Z', 'person' => (string) data_get($row, 'person'),
                'action' => (string) data_get($row, 'action'), 'subject' => (string) data_get($row, 'subject'),
            ],
            DB::table('audit')->orderByDesc('id')->limit(self::PAGE)->get()->all(),
        ));
    }
}
