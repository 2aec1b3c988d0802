<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SavedJob;
use App\Models\Job;
use App\People\Visitor;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use LampThread\Exchange\CarriedParts;
use LampThread\Exchange\ConditionsReader;
use LampThread\Exchange\CutListCsv;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Exchange\Wording;
use LampThread\Loom\Loom;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;

final readonly class ExportController
{
    public function __construct(private SavedJob $saved, private Shelf $shelf, private Wording $wording) {}

    /** As it is stored: also a file that no longer reads, so that it can be mended. */
    public function file(Job $job, CarriedParts $parts, Visitor $visitor): Response
    {
        $file = $visitor->seesCustomers() ? $job->file() : JobFile::withoutCustomer($this->saved->design($job)->file);

        $text = $file === [] ? $job->storedFile() : JobFile::encode($parts->added($file, array_column($job->revision()->sizes ?? [], 'part')));

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
