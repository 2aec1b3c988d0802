<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One state of a job, and the name of the change that led to it.
 *
 * @property int $number
 * @property int|null $parent number of the revision it was made from
 * @property string $label
 * @property array<string, mixed>|null $file
 * @property array<string, array{name: string, part: string, label: string}>|null $sizes choice to the part that was taken; null where an earlier program saved it
 * @property string|null $program version that sized it
 * @property string|null $window of the browser the change came from
 * @property string|null $by who made the change; null on one machine alone
 * @property Carbon $updated_at
 */
final class Revision extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['file' => 'array', 'sizes' => 'array', 'number' => 'integer', 'parent' => 'integer'];
    }
}
