<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Design;
use App\Documents\Dossier;
use App\Documents\Labels;
use App\Documents\Paper;
use App\Handover\Standing;
use App\Handover\Workshop;
use Illuminate\Console\Command;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Exchange\CutListCsv;
use LampThread\Exchange\HandoverPresenter;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Loom\Loom;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use Symfony\Component\Console\Output\OutputInterface;

final class ExportCommand extends JobFileCommand
{
    private const KINDS = ['pdf', 'csv', 'svg', 'spice', 'labels'];

    /** Every sensor then asks for all it can. */
    private const HOT_C = 130.0;

    protected $signature = 'lamp:export {file : a *.lampthread.json} {--as=pdf : pdf, csv, svg, spice or labels} {--out= : where to write it; the screen where it is left out}';

    protected $description = 'Writes the dossier of a job as PDF, its cut list as CSV, its threads as SVG, or its netlist';

    protected function answer(): int
    {
        $design = $this->design();
        $text = match ($this->option('as')) {
            'pdf' => $this->pdf($design),
            'csv' => CutListCsv::of(Loom::of($design->sizing(), $this->laravel->make(Shelf::class)), $this->wording),
            'svg' => ThreadsSvg::of($design->sizing(), $this->wording),
            'spice' => SpiceNetlist::of((new Solver($design->circuit()))->settle(new OperatingConditions(Key::Run, 0.0, self::HOT_C)), $design->file['job']['title']),
            'labels' => $this->laravel->make(Labels::class)->pdf($design, Paper::SIZES[0]),
            default => throw InvalidInput::at('--as', Message::of('input.no-such-export', kinds: self::KINDS)),
        };
        $out = $this->option('out');
        if (! is_string($out) || $out === '') {
            $this->output->write($text, false, OutputInterface::OUTPUT_RAW);
        } elseif (@file_put_contents($out, $text) === false) {
            throw InvalidInput::at('--out', Message::of('input.file.cannot-be-written'));
        }

        return Command::SUCCESS;
    }

    private function pdf(Design $design): string
    {
        $standing = $this->wording->worded(Standing::untouched(new HandoverPresenter($design->sizing()))->answer());

        return $this->laravel->make(Dossier::class)->pdf($design, $standing, null, 1, Paper::SIZES[0], gmdate('Y-m-d'), $design->brief->job, Workshop::unnamed());
    }
}
