<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Models\Job;
use Carbon\Carbon;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\DB;
use LampThread\Exchange\VehicleState;

/**
 * Long work that was asked for, and what has come of it so far.
 *
 * @property string $id
 * @property int $version
 * @property VehicleState $vehicle which of the job's two arrangements it was asked of
 * @property string $build
 * @property TaskKind $kind
 * @property string $question JSON
 * @property TaskState $state
 * @property int $of
 * @property string|null $by who asked for it; null on one machine alone
 * @property Carbon $updated_at
 * @property Job $job
 */
final class Task extends Model
{
    use HasUlids;

    /** Whose worker has died meanwhile says nothing for longer than this, s. */
    private const SILENT_S = 60;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['kind' => TaskKind::class, 'state' => TaskState::class, 'vehicle' => VehicleState::class, 'of' => 'integer', 'version' => 'integer'];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function isSilent(): bool
    {
        return $this->state === TaskState::Running && $this->updated_at->diffInSeconds(now()) > self::SILENT_S;
    }

    /** Moves on from one of the states named; false where another has moved it meanwhile, as by stopping it. */
    public function moveTo(TaskState $state, TaskState ...$from): bool
    {
        $moved = self::query()->whereKey($this->id)->whereIn('state', array_map(static fn (TaskState $one): string => $one->value, $from))
            ->update(['state' => $state->value]);

        return $moved === 1;
    }

    /** @param  array<string, mixed>  $row */
    public function add(array $row): void
    {
        DB::table('task_rows')->insert(['task_id' => $this->id, 'row' => json_encode($row, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)]);
        $this->touch();
    }

    /** @return string JSON that fits schema/task.json */
    public function answer(): string
    {
        $rows = implode(',', DB::table('task_rows')->where('task_id', $this->id)->orderBy('id')->pluck('row')->all());
        $state = $this->isSilent() ? TaskState::Failed : $this->state;

        return substr((string) json_encode(['id' => $this->id, 'state' => $state->value, 'of' => $this->of]), 0, -1).",\"rows\":[{$rows}]}";
    }
}
