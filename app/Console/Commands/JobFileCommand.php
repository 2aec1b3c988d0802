<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Brief\Brief;
use LampThread\Brief\Unusable;
use LampThread\Exchange\JobFile;
use LampThread\Shelf\Shelf;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that reads one job file. Ends with 0 done, 1 findings of severity danger, 2 unusable input. */
abstract class JobFileCommand extends Command
{
    protected const FINDINGS = 1;

    private const UNUSABLE = 2;

    protected Shelf $shelf;

    protected JobFile $files;

    /** Not in the constructor: every command is made before any is chosen, and the shelf needs its table. */
    public function handle(Shelf $shelf, JobFile $jobFile): int
    {
        $this->shelf = $shelf;
        $this->files = $jobFile;
        try {
            return $this->answer();
        } catch (Unusable $unusable) {
            foreach ($unusable->problems as $problem) {
                $this->output->getErrorStyle()->writeln($problem->line());
            }

            return self::UNUSABLE;
        }
    }

    /** @throws Unusable */
    abstract protected function answer(): int;

    /** @throws Unusable */
    protected function brief(): Brief
    {
        return $this->files->brief($this->jobFile());
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Unusable
     */
    protected function jobFile(): array
    {
        $path = $this->argument('file');
        assert(is_string($path));
        $json = is_file($path) ? file_get_contents($path, length: JobFile::MOST_BYTES + 1) : false;
        if ($json === false) {
            throw Unusable::because($path, 'cannot be read.');
        }

        return $this->files->decode($json);
    }

    /** @param  array<string, mixed>  $answer */
    protected function printJson(array $answer, bool $pretty): void
    {
        $flags = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR | ($pretty ? JSON_PRETTY_PRINT : 0);
        $this->output->writeln(json_encode($answer, $flags), OutputInterface::OUTPUT_RAW);
    }
}
