<?php

declare(strict_types=1);

namespace App\Models;

use App\Http\Requests\RoadRequest;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use LampThread\Exchange\DriveJson;
use LampThread\Exchange\Schema;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Road\Drive;
use LampThread\Road\Drives;

/**
 * A drive of the workshop’s own: imported from a file, or made on the screen.
 *
 * @property string $id
 * @property string $name
 * @property string $drive JSON
 * @property int $version
 * @property string|null $legs JSON of what it was made of on the screen; null where it was imported
 */
final class OwnDrive extends Model
{
    use HasUlids;

    protected $table = 'drives';

    protected $guarded = [];

    /**
     * @param  string|null  $legs  JSON of what it was made of
     * @param  string|null  $inPlaceOf  the drive it was made from, which it replaces
     * @param  int|null  $version  of that one, as it was when this was made from it
     *
     * @throws OutOfStep where that one was changed meanwhile
     */
    public static function keep(string $name, Drive $drive, ?string $legs = null, ?string $inPlaceOf = null, ?int $version = null): Drive
    {
        return DB::transaction(static function () use ($name, $drive, $legs, $inPlaceOf, $version): Drive {
            $own = self::query()->findOr($inPlaceOf ?? '', static fn (): self => new self(['version' => 0]));
            if ($own->exists && $own->version !== $version) {
                throw new OutOfStep;
            }
            $own->forceFill(['name' => $name, 'drive' => DriveJson::encode($drive), 'legs' => $legs, 'version' => $own->version + 1])->save();

            return $own->read(new DriveJson(new Schema));
        });
    }

    /** @return string JSON that fits schema/made-drive.json, with the version to change it by; `null` where it was not made on the screen */
    public function made(): string
    {
        return $this->legs === null ? 'null' : (string) json_encode([...(array) json_decode($this->legs), 'version' => $this->version]);
    }

    /** @return array<string, Drive> by id; those that no longer read are left out, see unreadable() */
    public static function kept(): array
    {
        return self::sorted()[0];
    }

    /** @return array<string, Drive> what ships and what was imported */
    public static function offered(): array
    {
        return [...Drives::standard(), ...self::kept()];
    }

    /** @throws InvalidInput where there is no such drive */
    public static function asked(RoadRequest $asked): Drive
    {
        $drives = self::offered();
        $drive = $drives[$asked->drive] ?? throw InvalidInput::at(
            '/drive', Message::of('input.no-such-drive', drive: $asked->drive, drives: array_map(strval(...), array_keys($drives))),
        );

        return $drive->at($asked->ambientC, $asked->startsC, $asked->trailerKg);
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
