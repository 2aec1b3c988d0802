<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\JobAnswer;
use App\Models\Job;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;
use LampThread\Exchange\CutListCsv;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Loom\Loom;
use LampThread\Shelf\Shelf;

final readonly class ExportController
{
    public function __construct(private JobAnswer $answer, private Shelf $shelf) {}

    public function file(Job $job): Response
    {
        return $this->download($job, JobFile::encode($job->file()), 'lampthread.json', 'application/json');
    }

    public function cutList(Job $job): Response
    {
        return $this->download($job, CutListCsv::of(Loom::of($this->answer->sizing($job), $this->shelf)), 'csv', 'text/csv');
    }

    /** The query names the setting: key, engineRpm, coolantC and hand switches. */
    public function netlist(Request $request, Job $job): Response
    {
        $circuit = $this->answer->sizing($job)->circuit;
        $setting = Setting::read($request->query->all(), $circuit->positions());
        $netlist = SpiceNetlist::of((new Solver($circuit))->settle($setting), $job->file()['job']['title']);

        return $this->download($job, $netlist, 'cir', 'text/plain');
    }

    public function threads(Job $job): Response
    {
        return $this->download($job, ThreadsSvg::of($this->answer->sizing($job)), 'svg', 'image/svg+xml');
    }

    private function download(Job $job, string $content, string $ending, string $type): Response
    {
        $name = Str::slug($job->file()['job']['title']) ?: 'job';

        return new Response($content, 200, [
            'Content-Type' => "{$type}; charset=utf-8",
            'Content-Disposition' => "attachment; filename=\"{$name}.{$ending}\"",
        ]);
    }
}
