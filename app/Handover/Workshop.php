<?php

declare(strict_types=1);

namespace App\Handover;

use Illuminate\Support\Facades\DB;

/** The workshop as it stands on its papers: its name and address, its money, and what an hour costs. */
final readonly class Workshop
{
    private const PREFIX = 'workshop.';

    private function __construct(public string $name, public string $address, public string $money, public float $hourPrice) {}

    public static function kept(): self
    {
        $kept = DB::table('settings')->where('name', 'like', self::PREFIX.'%')->pluck('value', 'name');
        $of = static fn (string $field): string => (string) ($kept[self::PREFIX.$field] ?? '');

        return new self($of('name'), $of('address'), $of('money'), (float) $of('hourPrice'));
    }

    /** Where no database is asked: a command works on a file alone. */
    public static function unnamed(): self
    {
        return new self('', '', '', 0.0);
    }

    /** @param  \stdClass  $asked  that fits schema/workshop-request.json: what is to be other than it stands */
    public static function keep(\stdClass $asked): self
    {
        DB::transaction(static function () use ($asked): void {
            foreach (get_object_vars($asked) as $field => $value) {
                DB::table('settings')->updateOrInsert(['name' => self::PREFIX.$field], ['value' => (string) $value]);
            }
        });

        return self::kept();
    }
}
