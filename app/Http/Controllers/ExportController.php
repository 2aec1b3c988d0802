<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\FollowUp;
use App\Documents\JobPapers;
use App\Documents\Labels;
use App\Documents\Paper;
use App\Http\SavedJob;
use App\Models\Job;
use App\Models\JobRecord;
use App\People\Discretion;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use App\Tasks\TaskState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use LampThread\Exchange\CarriedParts;
use LampThread\Exchange\ConditionsReader;
use LampThread\Exchange\CutListCsv;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\PartsList;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Exchange\Wording;
use LampThread\Loom\Loom;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;

final readonly class ExportController
{
    public function __construct(private SavedJob $saved, private Shelf $shelf, private Wording $wording, private Discretion $discretion) {}

    /** As it is stored: also a file that no longer reads, so that it can be mended. */
    public function file(Job $job, CarriedParts $parts): Response
    {
        // What does not read may tell anything anywhere.
        $file = $this->discretion->isKept ? $this->discretion->file($this->saved->design($job)->file) : $job->file();
        $record = $this->discretion->isKept ? [] : JobRecord::carried($job, $this->discretion);
        $text = $file === [] ? $job->storedFile() : JobFile::encode([
            ...$parts->added($file, array_column($job->revision()->sizes ?? [], 'part')), ...($record === [] ? [] : ['record' => $record]),
        ]);

        return $this->download($job, $text, 'lampthread.json', 'application/json');
    }

    public function cutList(Job $job): Response
    {
        $loom = Loom::of($this->saved->design($job)->sizing(), $this->shelf);

        return $this->download($job, CutListCsv::of($loom, $this->wording), 'csv', 'text/csv');
    }

    /** The query names the conditions: key, engineRpm, coolantC and hand switches. */
    public function netlist(Request $request, Job $job): Response
    {
        $circuit = $this->saved->design($job)->circuit();
        $conditions = ConditionsReader::read($request->query->all(), $circuit->positions());
        $netlist = SpiceNetlist::of((new Solver($circuit))->settle($conditions), self::title($job));

        return $this->download($job, $netlist, 'cir', 'text/plain');
    }

    public function threads(Job $job): Response
    {
        return $this->download($job, ThreadsSvg::of($this->saved->design($job)->sizing(), $this->wording), 'svg', 'image/svg+xml');
    }

    public function parts(Job $job): Response
    {
        return $this->download($job, PartsList::csv(Loom::of($this->saved->design($job)->sizing(), $this->shelf), $this->wording), 'parts.csv', 'text/csv');
    }

    public function partsSpreadsheet(Job $job): Response
    {
        $spreadsheet = PartsList::spreadsheet(Loom::of($this->saved->design($job)->sizing(), $this->shelf), $this->wording);

        return $this->download($job, $spreadsheet, 'parts.fods', 'application/vnd.oasis.opendocument.spreadsheet-flat-xml');
    }

    /** The query names the paper: a4 or letter. Where it is not made yet a worker makes it: then it is asked for again. */
    public function dossier(Request $request, Job $job, JobPapers $papers, Tasks $tasks): Response|JsonResponse
    {
        $size = self::size($request);
        $pdf = $papers->kept($job, $size, $this->discretion);
        if ($pdf === null) {
            $task = $tasks->begin($job, TaskKind::Dossier, (object) ['paper' => $size, 'isKept' => $this->discretion->isKept]);
            // Where nothing can be kept, as on a full disk, it is made at once.
            $pdf = $papers->kept($job, $size, $this->discretion) ?? ($task->state === TaskState::Done ? $papers->make($job, $size, $this->discretion) : null);
        }

        return $pdf === null ? TaskController::pending($task) : $this->download($job, $pdf, 'pdf', 'application/pdf');
    }

    public function labels(Request $request, Job $job, Labels $labels): Response
    {
        return $this->download($job, $labels->pdf($this->saved->design($job), self::size($request)), 'labels.pdf', 'application/pdf');
    }

    /** @throws InvalidInput */
    private static function size(Request $request): string
    {
        $size = $request->query->getString('paper', Paper::SIZES[0]);

        return in_array($size, Paper::SIZES, true) ? $size : throw InvalidInput::at('/paper', Message::of('input.no-such-paper', papers: Paper::SIZES));
    }

    public function followUp(Job $job): Response
    {
        return $this->download($job, FollowUp::calendar($job->id, self::title($job), time(), $this->wording), 'ics', 'text/calendar');
    }

    private function download(Job $job, string $content, string $ending, string $type): Response
    {
        $name = Str::slug(self::title($job)) ?: 'job';

        return new Response($content, 200, [
            'Content-Type' => "{$type}; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"{$name}.{$ending}\"",
        ]);
    }

    private static function title(Job $job): string
    {
        $title = $job->file()['job']['title'] ?? '';

        return is_string($title) ? $title : '';
    }
}
