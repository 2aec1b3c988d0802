<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Plans\PlanSearch;
use Illuminate\Console\Command;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\PlanReader;
use LampThread\Parts\Shelf;

/** The second half of a search for plans, asked on its input; App\Plans\OtherPart reads what it prints. */
final class PlanPartCommand extends Command
{
    protected $signature = 'lamp:plan-part';

    protected $description = 'Judges the second half of the plans of a job; used by the program itself';

    protected $hidden = true;

    public function handle(JobFile $files, Shelf $shelf): int
    {
        $asked = json_decode((string) stream_get_contents(STDIN), true, flags: JSON_THROW_ON_ERROR);
        $search = new PlanSearch($files->decode(JobFile::encode($asked['file'])), PlanReader::read($asked['question']), $files, $shelf);
        foreach ($search->judged(1, 2) as $number => $judged) {
            // Not by the console’s own output: a worker that is quiet makes what it starts quiet too.
            fwrite(STDOUT, base64_encode(serialize([$number, $judged]))."\n");
        }

        return self::SUCCESS;
    }
}
