<?php

declare(strict_types=1);

namespace App\People;

use App\Models\JobRecord;
use App\Models\RecordKind;
use LampThread\Brief\JobNotes;
use LampThread\Exchange\JobFile;

/** The one rule of what is kept from those who do not see customers: whose job it is, and what people wrote or photographed of it. */
final readonly class Discretion
{
    public function __construct(public bool $isKept) {}

    /** Towards whoever asks. */
    public static function towards(Visitor $visitor): self
    {
        return new self(! $visitor->seesCustomers());
    }

    /**
     * @param  array<string, mixed>  $file  a job file
     * @return array<string, mixed>
     */
    public function file(array $file): array
    {
        return $this->isKept ? JobFile::withoutCustomer($file) : $file;
    }

    public function about(JobNotes $job): JobNotes
    {
        return $this->isKept ? new JobNotes($job->title, '', $job->vehicle, '') : $job;
    }

    /**
     * @param  list<JobRecord>  $records
     * @return list<JobRecord> without photographs, and of notes, complaints, sign-offs and faults no more than that they are there
     */
    public function records(array $records): array
    {
        if (! $this->isKept) {
            return $records;
        }
        foreach ($records as $record) {
            match ($record->kind) {
                RecordKind::Note, RecordKind::Complaint, RecordKind::SignOff, RecordKind::Fault => $record->forceFill(['by' => '', 'data' => [...$record->data, 'text' => '']]),
                RecordKind::Tick, RecordKind::Reading, RecordKind::Stage, RecordKind::Trail, RecordKind::Photograph => $record,
            };
        }

        return array_values(array_filter($records, static fn (JobRecord $record): bool => $record->kind !== RecordKind::Photograph));
    }
}
