<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Plans\PlanSearch;
use Illuminate\Console\Command;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\PlanReader;
use LampThread\Parts\Shelf;

/** The second half of a search for plans; App\Plans\OtherPart reads what it writes. */
final class PlanPartCommand extends Command
{
    protected $signature = 'lamp:plan-part {asked : file with job and question} {answer : file for what comes of it}';

    protected $description = 'Judges the second half of the plans of a job; used by the program itself';

    protected $hidden = true;

    public function handle(JobFile $files, Shelf $shelf): int
    {
        $asked = json_decode((string) file_get_contents((string) $this->argument('asked')), true, flags: JSON_THROW_ON_ERROR);
        $search = new PlanSearch($files->decode(JobFile::encode($asked['file'])), PlanReader::read($asked['question']), $files, $shelf);
        foreach ($search->judged(1, 2) as $number => $judged) {
            file_put_contents((string) $this->argument('answer'), base64_encode(serialize([$number, $judged]))."\n", FILE_APPEND);
        }

        return self::SUCCESS;
    }
}
