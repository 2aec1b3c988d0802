<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One state of a job, and the name of the change that led to it.
 *
 * @property int $number
 * @property string $label
 * @property array<string, mixed> $file
 * @property Carbon $updated_at
 */
final class Revision extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['file' => 'array', 'number' => 'integer'];
    }
}
