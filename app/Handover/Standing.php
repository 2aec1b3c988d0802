<?php

declare(strict_types=1);

namespace App\Handover;

use App\Models\Job;
use App\Models\JobRecord;
use App\Models\RecordKind;
use App\People\Discretion;
use LampThread\Exchange\HandoverPresenter;

/** How the handover of a job stands: its tests, its work, what was read and ticked of them, what the readings say, and what still lacks. */
final readonly class Standing
{
    public const STAGES = ['asked', 'designed', 'cut', 'fitted', 'proven', 'handed-over', 'back'];

    /** @var array<string, array{typed: string, value: float, passes: bool|null, by: string, at: string}> step to its last reading */
    public array $readings;

    /**
     * @param  list<JobRecord>  $records  the oldest first
     * @param  array<string, float>  $ownMinutes  of this workshop, by step
     */
    private function __construct(private array $records, private HandoverPresenter $handover, private array $ownMinutes)
    {
        $readings = [];
        foreach ($this->records as $record) {
            if ($record->kind === RecordKind::Reading) {
                $readings[$record->step] = [
                    'typed' => $record->data['typed'], 'value' => (float) $record->data['value'],
                    'passes' => $handover->passes($record->step, $record->data['fingerprint'], (float) $record->data['value']),
                    'by' => $record->by, 'at' => $record->at->toIso8601ZuluString(),
                ];
            }
        }
        $this->readings = $readings;
    }

    public static function of(Job $job, HandoverPresenter $handover, Discretion $discretion): self
    {
        return new self(JobRecord::ofJob($job, $discretion), $handover, OwnMinutes::bySteps());
    }

    /** Of a job nothing was done to yet. */
    public static function untouched(HandoverPresenter $handover): self
    {
        return new self([], $handover, []);
    }

    /** @return array<string, mixed> fits schema/handover.json once it is worded */
    public function answer(): array
    {
        $tests = $this->handover->tests();
        $work = self::withOwnMinutes($this->handover->work(), $this->ownMinutes);
        $titles = array_column([...$tests, ...$work], 'title', 'id');
        $ticks = $this->ticks();
        $counting = array_map(static fn (array $reading): float => $reading['value'], array_filter(
            $this->readings, fn (array $reading, string $step): bool => $reading['passes'] !== null || $this->handover->fingerprint($step) === '', ARRAY_FILTER_USE_BOTH,
        ));

        return [
            'tests' => $tests,
            'work' => $work,
            'readings' => (object) $this->readings,
            'ticks' => (object) $ticks,
            'diagnosis' => $this->handover->diagnosis($counting),
            'proposals' => $this->handover->proposals($counting),
            'stage' => $this->stage(),
            'lacks' => [
                'tests' => count(array_filter($tests, fn (array $test): bool => ($this->readings[$test['id']]['passes'] ?? null) === null)),
                'failing' => count(array_filter($tests, fn (array $test): bool => ($this->readings[$test['id']]['passes'] ?? null) === false)),
                'outdated' => count(array_filter(
                    $this->readings, static fn (array $reading, string $step): bool => isset($titles[$step]) && $reading['passes'] === null, ARRAY_FILTER_USE_BOTH,
                )),
                'work' => count(array_filter($work, static fn (array $step): bool => ! ($ticks[$step['id']]['done'] ?? false))),
                'signOff' => ! in_array(RecordKind::SignOff, array_map(static fn (JobRecord $record): RecordKind => $record->kind, $this->records), true),
            ],
            'records' => array_map(fn (JobRecord $record): array => [
                'id' => $record->id, 'kind' => $record->kind->value, 'step' => $record->step, 'by' => $record->by, 'at' => $record->at->toIso8601ZuluString(),
                'title' => $titles[$record->step] ?? $this->handover->followUp($record->step),
                'jobVersion' => $record->job_version, 'text' => (string) ($record->data['text'] ?? $record->data['typed'] ?? $record->data['stage'] ?? ''),
                'done' => (bool) ($record->data['done'] ?? true),
            ], array_reverse($this->records)),
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $work
     * @param  array<string, float>  $minutes
     * @return list<array<string, mixed>> the same with minutes from the workshop's own ticks where enough of them are known
     */
    private static function withOwnMinutes(array $work, array $minutes): array
    {
        return array_map(static fn (array $step): array => [
            ...$step, 'minutes' => $minutes[$step['id']] ?? $step['minutes'], 'isOwnMinutes' => isset($minutes[$step['id']]),
        ], $work);
    }

    /** @return array<string, array{done: bool, by: string, at: string}> step to its last tick */
    private function ticks(): array
    {
        $ticks = [];
        foreach ($this->records as $record) {
            if ($record->kind === RecordKind::Tick) {
                $ticks[$record->step] = ['done' => (bool) $record->data['done'], 'by' => $record->by, 'at' => $record->at->toIso8601ZuluString()];
            }
        }

        return $ticks;
    }

    private function stage(): string
    {
        foreach (array_reverse($this->records) as $record) {
            if ($record->kind === RecordKind::Stage) {
                return $record->data['stage'];
            }
        }

        return self::STAGES[1];
    }
}
