<?php

declare(strict_types=1);

namespace App\Handover;

use App\Models\Job;
use App\Models\JobRecord;
use App\Models\RecordKind;
use App\People\Visitor;
use App\Trail\JobTrail;
use Carbon\Carbon;
use Illuminate\Support\Facades\DB;
use LampThread\Exchange\HandoverPresenter;
use LampThread\Exchange\ReadingParser;
use LampThread\Exchange\VehicleState;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** Writes into the record of a job. What is sent twice is kept once; what cannot be kept is named, and keeps nothing else from being kept. */
final readonly class RecordBook
{
    public function __construct(private Visitor $visitor) {}

    private const MOST = 3000;

    /** Of one record as it goes out with the job file, all together, so that the file can be read back, bytes. */
    private const MOST_BYTES = 6_000_000;

    /** A phone’s clock may be ahead by so much. */
    private const AHEAD_DAYS = 1;

    private const BEFORE = '2000-01-01';

    /**
     * @param  list<\stdClass>  $asked  as schema/records-request.json has them
     * @return list<array{id: string, problems: list<Problem>}>
     */
    public function write(Job $job, array $asked, HandoverPresenter $handover): array
    {
        return array_map(function (\stdClass $one) use ($job, $handover): array {
            try {
                $this->keep($job, $one->id, RecordKind::from($one->kind), $one->step, $one->by, $one->at, [...self::data($one, $handover), ...self::lookedAt($job, $one)]);

                return ['id' => $one->id, 'problems' => []];
            } catch (InvalidInput $invalid) {
                return ['id' => $one->id, 'problems' => $invalid->problems];
            }
        }, $asked);
    }

    /**
     * What came with a job file.
     *
     * @param  list<\stdClass>  $carried  that fit schema/job.json
     */
    public function carry(Job $job, array $carried): void
    {
        DB::transaction(function () use ($job, $carried): void {
            $words = [];
            foreach ($carried as $one) {
                $data = array_diff_key((array) $one, ['kind' => 1, 'step' => 1, 'by' => 1, 'at' => 1, 'jobVersion' => 1]);
                $kind = RecordKind::from($one->kind);
                $this->add($job, bin2hex(random_bytes(16)), $kind, $one->step, $one->by, Carbon::parse($one->at), $one->jobVersion, $data);
                $words[] = self::words($kind, $data);
            }
            self::findBy($job, implode("\n", array_filter($words)));
        });
    }

    /**
     * @param  string  $bytes  of a picture
     *
     * @throws InvalidInput where it is none that can be shown
     */
    public function photograph(Job $job, string $id, string $step, string $by, string $at, string $bytes): void
    {
        $type = Picture::typeOf($bytes);
        DB::transaction(function () use ($job, $id, $step, $by, $at, $bytes, $type): void {
            if ($this->keep($job, $id, RecordKind::Photograph, $step, $by, $at, ['bytes' => strlen($bytes)])) {
                DB::table('photographs')->insert(['id' => $id, 'media_type' => $type, 'bytes' => $bytes]);
            }
        });
    }

    /**
     * @param  array<string, mixed>  $data
     * @return bool whether it was not there yet
     *
     * @throws InvalidInput
     */
    private function keep(Job $job, string $id, RecordKind $kind, string $step, string $by, string $at, array $data): bool
    {
        return DB::transaction(function () use ($job, $id, $kind, $step, $by, $at, $data): bool {
            $kept = JobRecord::query()->find($id);
            if ($kept !== null) {
                return $kept->job_id === $job->id ? false : throw InvalidInput::at('/id', Message::of('input.record.id-taken'));
            }
            $there = JobRecord::query()->where('job_id', $job->id)->toBase()
                ->selectRaw('count(*) AS entries, coalesce(sum(length(data) + length(step) + 200), 0) AS bytes')->first();
            if (data_get($there, 'entries') >= self::MOST || data_get($there, 'bytes') >= self::MOST_BYTES) {
                throw InvalidInput::at('', Message::of('input.record.full', most: self::MOST));
            }
            // Who signs and when is not for whoever sends it to say.
            [$by, $moment] = $kind === RecordKind::SignOff ? [$this->visitor->name() ?? trim($by), Carbon::now('UTC')->startOfSecond()] : [trim($by), self::moment($at)];
            $this->add($job, $id, $kind, $step, $by, $moment, $job->version, $data);
            self::findBy($job, self::words($kind, $data));

            return true;
        });
    }

    /** @param  array<string, mixed>  $data */
    private function add(Job $job, string $id, RecordKind $kind, string $step, string $by, Carbon $at, int $jobVersion, array $data): void
    {
        JobRecord::query()->create([
            'id' => $id, 'job_id' => $job->id, 'kind' => $kind, 'step' => $step, 'by' => $by, 'at' => $at, 'job_version' => $jobVersion, 'data' => $data,
        ]);
    }

    /** @param  array<string, mixed>  $data */
    private static function words(RecordKind $kind, array $data): string
    {
        return $kind === RecordKind::Trail || ! is_string($data['text'] ?? null) ? '' : $data['text'];
    }

    /** The desk finds the job by these words too. Each call writes all words of the job anew: many are given at once. */
    private static function findBy(Job $job, string $words): void
    {
        if ($words !== '') {
            DB::update('UPDATE job_texts SET record = record || char(10) || ? WHERE job_id = ?', [$words, $job->id]);
        }
    }

    /** @return array<string, string> which vehicle is looked at, where it is not the one that leaves */
    private static function lookedAt(Job $job, \stdClass $one): array
    {
        $isLooking = in_array(RecordKind::from($one->kind), [RecordKind::Trail, RecordKind::Fault], true);

        return $isLooking && $job->state === VehicleState::Found ? ['lookedAt' => $job->state->value] : [];
    }

    /** @throws InvalidInput */
    private static function moment(string $at): Carbon
    {
        $moment = strtotime($at);
        if ($moment === false || $moment > time() + 86_400 * self::AHEAD_DAYS || $moment < strtotime(self::BEFORE)) {
            throw InvalidInput::at('/at', Message::of('input.record.at', given: $at));
        }

        return Carbon::createFromTimestampUTC($moment);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidInput
     */
    private static function data(\stdClass $one, HandoverPresenter $handover): array
    {
        $missing = static fn (string $field): InvalidInput => InvalidInput::at("/{$field}", Message::of('input.record.missing'));

        return match (RecordKind::from($one->kind)) {
            RecordKind::Tick => ['done' => $one->done ?? throw $missing('done')],
            RecordKind::Reading => [
                'typed' => $typed = $one->typed ?? throw $missing('typed'), 'value' => ReadingParser::read($typed, $handover->reads($one->step)),
                'fingerprint' => $handover->fingerprint($one->step),
            ],
            RecordKind::Stage => ['stage' => $one->stage ?? throw $missing('stage')],
            RecordKind::Note, RecordKind::Complaint, RecordKind::SignOff => ['text' => trim($one->text ?? '') === '' ? throw $missing('text') : trim($one->text)],
            RecordKind::Trail => ['text' => JobTrail::checked($one->step, $one->text ?? throw $missing('text'))],
            RecordKind::Fault => ['text' => $one->text ?? throw $missing('text'), 'typed' => $one->typed ?? throw $missing('typed')],
            RecordKind::Photograph => throw $missing('kind'),
        };
    }
}
