<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Job;
use App\Models\JobLog;
use App\Models\JobRecord;
use App\Models\OwnDrive;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use LampThread\Exchange\CarriedParts;
use LampThread\Exchange\DriveCsv;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Log\LogCsv;
use LampThread\Exchange\OwnPartsCsv;
use LampThread\Parts\Shelf;

final class ExportAllCommand extends Command
{
    protected $signature = 'lamp:export-all {folder : is made where it is not there; must be empty}';

    protected $description = 'Writes every job as a job file, the own parts, the drives and the logs as CSV, the records as lines of JSON, photographs: all of it in open formats';

    public function handle(Shelf $shelf, CarriedParts $parts): int
    {
        $folder = (string) $this->argument('folder');
        if (! is_dir($folder) && ! @mkdir($folder, 0700, true)) {
            $this->getOutput()->getErrorStyle()->writeln("{$folder} cannot be made.");

            return self::FAILURE;
        }
        if ((glob("{$folder}/*") ?: []) !== []) {
            $this->getOutput()->getErrorStyle()->writeln("{$folder} is not empty; nothing was written.");

            return self::FAILURE;
        }
        $jobs = 0;
        foreach (Job::query()->orderBy('id')->lazy(100) as $job) {
            $file = $job->file();
            $name = Str::slug(mb_substr($job->title, 0, 60)) ?: 'job';
            $text = $file === [] ? $job->storedFile() : JobFile::encode($parts->added($file, array_column($job->revision()->sizes ?? [], 'part')));
            file_put_contents("{$folder}/{$name}-{$job->id}.lampthread.json", $text);
            $jobs++;
        }
        file_put_contents("{$folder}/own-parts.csv", OwnPartsCsv::write($shelf->own));
        $drives = OwnDrive::kept();
        foreach ($drives as $drive) {
            file_put_contents("{$folder}/drive-{$drive->id}.csv", DriveCsv::write($drive));
        }
        $logs = 0;
        foreach (JobLog::query()->orderBy('id')->lazy(20) as $log) {
            file_put_contents("{$folder}/log-{$log->id}.csv", LogCsv::write($log->measured()));
            $logs++;
        }
        $records = 0;
        foreach (JobRecord::query()->orderBy('number')->lazy(200) as $record) {
            file_put_contents("{$folder}/records.jsonl", json_encode($record->open(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n", FILE_APPEND);
            $records++;
        }
        foreach (DB::table('photographs')->orderBy('id')->lazy(10) as $picture) {
            file_put_contents("{$folder}/photograph-{$picture->id}.".($picture->media_type === 'image/png' ? 'png' : 'jpg'), $picture->bytes);
        }
        $this->line("{$jobs} jobs, ".count($shelf->own).' own parts, '.count($drives)." drives, {$logs} logs, {$records} records");

        return self::SUCCESS;
    }
}
