<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use LampThread\Parts\FuseGates;
use LampThread\Parts\OwnPart;
use LampThread\Parts\PartKind;

/**
 * A rated part of the workshop's own. It is archived, never deleted: jobs may have it.
 *
 * @property string $id
 * @property string $kind
 * @property string $name
 * @property array<string, float|string|null> $values
 * @property bool $is_archived
 */
final class Part extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['values' => 'array', 'is_archived' => 'boolean'];
    }

    /**
     * @param  array<string, FuseGates>  $gates
     * @return list<OwnPart> by name; none where the workshop has no database yet, as on a command line alone
     */
    public static function shelved(array $gates): array
    {
        $shelved = [];
        if (! self::hasTable()) {
            return [];
        }
        foreach (self::all()->sortBy('name') as $row) {
            $values = array_map(static fn (mixed $value): mixed => is_int($value) ? (float) $value : $value, $row->values);
            $part = OwnPart::of($row->id, PartKind::from($row->kind), $row->name, $values, $row->is_archived, $gates);
            if ($part instanceof OwnPart) {
                $shelved[] = $part;
            }
        }

        return $shelved;
    }

    private static function hasTable(): bool
    {
        try {
            return Schema::hasTable('parts');
        } catch (QueryException) {
            return false;
        }
    }

    /** @param  iterable<OwnPart>  $parts  all taken, or none */
    public static function keep(iterable $parts): void
    {
        DB::transaction(static function () use ($parts): void {
            foreach ($parts as $part) {
                self::query()->updateOrCreate(
                    ['id' => $part->id],
                    ['kind' => $part->kind->value, 'name' => $part->name, 'values' => $part->values, 'is_archived' => $part->isArchived],
                );
            }
        });
    }
}
