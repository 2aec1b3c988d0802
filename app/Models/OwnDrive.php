<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use LampThread\Exchange\DriveJson;
use LampThread\Exchange\Schema;
use LampThread\Message\InvalidInput;
use LampThread\Road\Drive;

/**
 * A drive the workshop has imported from a file.
 *
 * @property string $id
 * @property string $name
 * @property string $drive JSON
 */
final class OwnDrive extends Model
{
    use HasUlids;

    protected $table = 'drives';

    protected $guarded = [];

    public static function keep(string $name, Drive $drive): Drive
    {
        $own = self::query()->create(['name' => $name, 'drive' => DriveJson::encode($drive)]);

        return $own->read(new DriveJson(new Schema));
    }

    /** @return array<string, Drive> by id; those that no longer read are left out, see unreadable() */
    public static function kept(): array
    {
        return self::sorted()[0];
    }

    /** @return list<array{id: string, name: string}> those that no longer read as drives */
    public static function unreadable(): array
    {
        return self::sorted()[1];
    }

    /** @return array{array<string, Drive>, list<array{id: string, name: string}>} */
    private static function sorted(): array
    {
        $drives = [];
        $unreadable = [];
        $json = new DriveJson(new Schema);
        foreach (self::all() as $own) {
            try {
                $drives[$own->id] = $own->read($json);
            } catch (InvalidInput) {
                $unreadable[] = ['id' => $own->id, 'name' => $own->name];
            }
        }

        return [$drives, $unreadable];
    }

    private function read(DriveJson $json): Drive
    {
        return $json->decode($this->drive, $this->id, $this->name);
    }
}
