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
 * A rated part of the workshop's own. It is archived when it is no longer fitted, and removed only where no job has it.
 *
 * @property string $id
 * @property string $kind
 * @property string $name
 * @property array<string, float|string|null>|null $values
 * @property bool $is_archived
 * @property int $version
 */
final class Part extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['values' => 'array', 'is_archived' => 'boolean', 'version' => 'integer'];
    }

    /**
     * @param  array<string, FuseGates>  $gates
     * @return list<OwnPart> by name, without those that no longer read; none where the workshop has no database yet, as on a command line alone
     */
    public static function shelved(array $gates): array
    {
        if (! self::hasTable()) {
            return [];
        }
        $read = array_map(static fn (self $row): ?OwnPart => $row->read($gates), self::all()->sortBy('name')->values()->all());

        return array_values(array_filter($read));
    }

    /**
     * @param  array<string, FuseGates>  $gates
     * @return list<array{id: string, name: string, version: int}> those that no longer read
     */
    public static function unreadable(array $gates): array
    {
        $unreadable = self::all()->filter(static fn (self $row): bool => $row->read($gates) === null);

        return array_values($unreadable->map(static fn (self $row): array => ['id' => $row->id, 'name' => $row->name, 'version' => $row->version])->all());
    }

    /** @param  array<string, FuseGates>  $gates */
    private function read(array $gates): ?OwnPart
    {
        $kind = PartKind::tryFrom($this->kind);
        if ($kind === null || ! is_array($this->values)) {
            return null;
        }
        $values = array_map(static fn (mixed $value): mixed => is_int($value) ? (float) $value : $value, $this->values);
        if (array_filter($values, static fn (mixed $value): bool => ! is_float($value) && ! is_string($value) && $value !== null) !== []) {
            return null;
        }
        $part = OwnPart::of($this->id, $kind, $this->name, $values, $this->is_archived, $gates);

        return $part instanceof OwnPart ? $part : null;
    }

    /** @return array<string, int> id to version */
    public static function versions(): array
    {
        return self::query()->pluck('version', 'id')->all();
    }

    /** @param  iterable<OwnPart>  $parts  all taken, or none; each that is otherwise than it stands is a new version */
    public static function keep(iterable $parts): void
    {
        DB::transaction(static function () use ($parts): void {
            foreach ($parts as $part) {
                $row = self::query()->findOr($part->id, static fn (): self => new self(['id' => $part->id, 'version' => 0]));
                $row->fill(['kind' => $part->kind->value, 'name' => $part->name, 'values' => $part->values, 'is_archived' => $part->isArchived]);
                if ($row->isDirty()) {
                    $row->version++;
                    $row->save();
                }
            }
        });
    }

    /** @throws OutOfStep */
    public function checkVersion(?int $version): void
    {
        if ($version !== $this->version) {
            throw new OutOfStep;
        }
    }

    private static function hasTable(): bool
    {
        try {
            return Schema::hasTable('parts');
        } catch (QueryException) {
            return false;
        }
    }
}
