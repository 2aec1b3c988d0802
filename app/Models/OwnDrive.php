<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use LampThread\Road\Drive;

/**
 * A drive the workshop has brought from a file.
 *
 * @property string $id
 * @property string $name
 * @property array<string, mixed> $drive
 */
final class OwnDrive extends Model
{
    use HasUlids;

    protected $table = 'drives';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['drive' => 'array'];
    }

    public static function keep(Drive $drive): Drive
    {
        $own = new self(['name' => $drive->name, 'drive' => get_object_vars($drive)]);
        $own->save();

        return self::revived($own);
    }

    /** @return array<string, Drive> by id */
    public static function kept(): array
    {
        $drives = [];
        foreach (self::all() as $own) {
            $drives[$own->id] = self::revived($own);
        }

        return $drives;
    }

    private static function revived(self $own): Drive
    {
        $kept = $own->drive;
        foreach (['timesS', 'speedsKmh', 'enginesRpm', 'loads', 'ambientsC'] as $column) {
            $kept[$column] = array_map(floatval(...), $kept[$column]);
        }

        return new Drive(...[...$kept, 'id' => $own->id, 'startsC' => (float) $kept['startsC']]);
    }
}
