<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\Carbon;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One hidden fault looked for, and how.
 *
 * @property string $id
 * @property string $person
 * @property string|null $lesson
 * @property string|null $job_id
 * @property array<string, mixed> $file
 * @property array{faults: array<string, string>, cooling: string|null} $fault
 * @property string $class
 * @property list<string> $seen
 * @property list<array<string, mixed>> $moves
 * @property float $minutes
 * @property int $wrong
 * @property int $dangers
 * @property int|null $score
 * @property Carbon $created_at
 */
final class PracticeRun extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['minutes' => 0.0, 'wrong' => 0, 'dangers' => 0];

    protected $casts = ['file' => 'array', 'fault' => 'array', 'seen' => 'array', 'moves' => 'array', 'minutes' => 'float', 'score' => 'integer'];
}
