<?php

declare(strict_types=1);

namespace App\Desk;

use App\Design\Design;
use App\Design\Designs;
use App\Design\Kept;
use App\Design\Uncomputable;
use App\Handover\RecordBook;
use App\Http\Requests\ChangeRequest;
use App\Keep\Database;
use App\Models\Content;
use App\Models\Job;
use App\Models\JobRow;
use App\Models\OutOfStep;
use App\Models\Part;
use App\Models\PracticeRun;
use App\Models\Revision;
use App\People\Visitor;
use Illuminate\Support\Facades\DB;
use LampThread\Brief\Changes;
use LampThread\Exchange\Arrangements;
use LampThread\Exchange\BriefForm;
use LampThread\Exchange\CarriedParts;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Picks;
use LampThread\Exchange\ValueParser;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Parts\Shelf;

/**
 * Saves jobs. What is to be saved is checked, sized and presented first, outside any lock; only what came of that without a fault is written, in
 * one short transaction.
 */
final readonly class Desk
{
    public function __construct(
        private Designs $designs,
        private ValueParser $values,
        private CarriedParts $carried,
        private Wording $wording,
        private Kept $cache,
        private Visitor $visitor,
        private RecordBook $book,
        private Shelf $shelf,
    ) {}

    /** @param  string|null  $arrangement  it begins with; null for the usual start */
    public function begin(?string $arrangement): Job
    {
        $start = (string) file_get_contents(base_path('core/data/start.lampthread.json'));
        if ($arrangement === null) {
            return $this->start($start, 'New job');
        }
        $file = $this->designs->decode($start);

        return $this->start(JobFile::encode(JobDocument::of($file)->arranged($arrangement)->file), 'New job');
    }

    /** @throws OutOfStep when the job has moved on since $version */
    public function arrange(Job $job, int $version, string $arrangement): void
    {
        $file = $this->designs->of($job->file())->file;
        $changed = JobDocument::of($file)->with($job->state->arranged(Arrangements::changes($arrangement, $job->state->file($file))))->file;
        $job->change($version, 'Another arrangement', $this->content($this->designs->decode(JobFile::encode($changed))));
    }

    public function start(string $json, string $label, ?string $id = null): Job
    {
        return Job::start($this->content($this->designs->decode($json)), $label, $id);
    }

    /**
     * A job file from elsewhere, with the own parts it carries: all of it is taken, or nothing.
     *
     * @throws InvalidInput
     */
    public function import(string $json): Job
    {
        $carried = $this->carried->read($json);
        if ($carried === []) {
            return $this->withRecord($json, 'Imported');
        }

        return DB::transaction(static function () use ($carried, $json): Job {
            Part::keep($carried);
            // The job is to be read with the shelf as it is now.
            app()->forgetScopedInstances();

            return app(self::class)->withRecord($json, 'Imported');
        });
    }

    /** A job of the demo workshop, with its record. */
    public function demo(string $json, string $id): Job
    {
        return $this->withRecord($json, 'Demo', $id);
    }

    /**
     * The job of a file and its record: both, or nothing.
     *
     * @throws InvalidInput
     */
    private function withRecord(string $json, string $label, ?string $id = null): Job
    {
        $content = $this->content($this->designs->decode($json));

        return DB::transaction(function () use ($content, $label, $id, $json): Job {
            $job = Job::start($content, $label, $id);
            $this->book->carry($job, json_decode($json)->record ?? []);

            return $job;
        });
    }

    /**
     * A change on the job as it is by now. One that was made already, and whose answer was lost on the way, is not made again.
     *
     * @throws InvalidInput
     * @throws OutOfStep
     */
    public function change(Job $job, ChangeRequest $asked): void
    {
        if ($asked->id !== null && $job->hasTaken($asked->id)) {
            return;
        }
        if ($job->version !== $asked->version) {
            throw new OutOfStep;
        }
        if ($asked->madeOn !== null && $asked->madeOn !== $job->version) {
            throw InvalidInput::at('', Message::of('input.no-such-pick'));
        }
        try {
            $content = $this->content($this->designs->decode(JobFile::encode($this->changed($job, $asked))));
            $job->change($asked->version, $asked->label, $content, $asked->id, $asked->window, isStep: $asked->picks !== []);
        } catch (OutOfStep $overtaken) {
            // By itself: it was sent again before the first had its answer.
            $asked->id !== null && $job->hasTaken($asked->id) ? $job->refresh() : throw $overtaken;
        } catch (InvalidInput $refused) {
            throw $job->state->refused($refused);
        }
    }

    /**
     * @return array<string, mixed> the job's file with what was asked for, not yet checked
     *
     * @throws InvalidInput
     */
    private function changed(Job $job, ChangeRequest $asked): array
    {
        $state = $job->state;
        $file = $this->designs->of($job->file())->file;
        $typed = $this->values->values($asked->typed, $asked->typed === [] ? $file : $state->file($file));
        $file = JobDocument::of($file)->with($state->changes($asked->changes->and(Changes::of($typed))))->file;
        foreach ($asked->picks as $pick) {
            $file = $this->designs->decode(JobFile::encode($file));
            $design = $this->designs->as($state, $file);
            $file = JobDocument::of($file)->with($state->changes(Picks::changes(BriefForm::of($design->brief, $design->file, $state, $this->shelf), $pick)))->file;
        }

        return $file;
    }

    /**
     * Puts a whole file in the place of one that no longer reads.
     *
     * @throws InvalidInput
     * @throws OutOfStep
     */
    public function mend(Job $job, int $version, string $json): void
    {
        $job->change($version, 'Mended', $this->content($this->designs->decode($json)));
    }

    /**
     * Stands on a revision; nothing happens where there is none.
     *
     * @throws OutOfStep
     */
    public function standOn(Job $job, int $version, ?Revision $revision): void
    {
        if ($revision !== null) {
            $job->standOn($version, $revision);
            $this->workOut($job);
        } elseif ($job->version !== $version) {
            throw new OutOfStep;
        }
    }

    /** The same job once more, as the start of another: without its customer and without what was accepted on that vehicle. */
    public function duplicate(Job $job): Job
    {
        $file = $this->designs->of($job->file())->file;
        $file['job'] = [...$file['job'], 'title' => mb_substr("{$file['job']['title']}, copy", 0, 120), 'customer' => ''];
        unset($file['accepted']);

        return $this->start(JobFile::encode($file), 'Duplicated');
    }

    /** The sizes as this program has them, taken on as a revision of their own. */
    public function takeSizes(Job $job, int $version): void
    {
        $job->change($version, 'Sizes of this program taken', $this->content($this->designs->of($job->file())->file));
    }

    /**
     * Nothing of it is left: neither in the database, whose freed pages are overwritten, nor among the answers that are kept.
     *
     * @throws OutOfStep
     */
    public function erase(Job $job, int $version): void
    {
        DB::transaction(static function () use ($job, $version): void {
            $job->refresh();
            if ($job->version !== $version) {
                throw new OutOfStep;
            }
            PracticeRun::query()->where('job_id', $job->id)->delete();
            $job->forceDelete();
            // What is taken out of the index of words is only marked there; made anew, it holds nothing of it.
            DB::statement("INSERT INTO job_words (job_words) VALUES ('rebuild')");
        });
        Database::emptyLog();
        $this->cache->clear();
    }

    /** What the desk shows of a job, worked out anew and kept. */
    public function workOut(Job $job): void
    {
        try {
            $row = JobRow::of($this->designs->of($job->file()), $this->wording);
        } catch (InvalidInput $invalid) {
            $row = JobRow::unreadable($job, $invalid->problems);
        } catch (Uncomputable $fault) {
            report($fault);
            $row = JobRow::unreadable($job, [new Problem('', Message::of('request.cannot-be-computed'))]);
        }
        $job->keepRow($row, $this->designs->build->id);
    }

    /** The desk then shows what the proof has found. */
    public function keepProven(Job $job, Design $design): void
    {
        $row = $job->keptRow($this->designs->build->id);
        if ($row === null || $row['isStale'] || ! $row['isProven']) {
            $job->keepRow(JobRow::proven($design, $this->wording), $this->designs->build->id);
        }
    }

    /**
     * @param  array<string, mixed>  $file  checked
     *
     * @throws InvalidInput where it cannot be worked out
     */
    private function content(array $file): Content
    {
        $design = $this->designs->of($file);
        $design->answer();

        return new Content($design->file, $design->sizes(), Program::VERSION, JobRow::of($design, $this->wording), $this->designs->build->id, $this->visitor->name());
    }
}
