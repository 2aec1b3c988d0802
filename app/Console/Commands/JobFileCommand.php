<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Design;
use App\Design\Designs;
use App\Design\Uncomputable;
use Illuminate\Console\Command;
use LampThread\Brief\Driveline;
use LampThread\Exchange\DriveCsv;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Road\Drive;
use LampThread\Road\Drives;
use Symfony\Component\Console\Output\OutputInterface;

/** A command on one job file. Ends with 0 done, 1 findings of severity danger, 2 invalid input, 3 a fault of this program. */
abstract class JobFileCommand extends Command
{
    protected const FINDINGS = 1;

    protected const INVALID_INPUT = 2;

    protected const UNCOMPUTABLE = 3;

    /** Which of the two arrangements of the job is meant. */
    protected const AS_FOUND = '{--found : the vehicle as it was found} ';

    protected const JSON = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    private const MOST_DRIVE_BYTES = 8_000_000;

    protected Designs $designs;

    protected Wording $wording;

    /** Not in the constructor: every command is made before any is chosen, and the shelf needs its table. */
    public function handle(Designs $designs, Wording $wording): int
    {
        $this->designs = $designs;
        $this->wording = $wording;
        try {
            return $this->answer();
        } catch (InvalidInput $invalid) {
            foreach ($invalid->problems as $problem) {
                $this->output->getErrorStyle()->writeln($wording->line($problem), OutputInterface::OUTPUT_RAW);
            }

            return self::INVALID_INPUT;
        } catch (Uncomputable $fault) {
            report($fault);
            $this->output->getErrorStyle()->writeln($wording->text(Message::of('request.cannot-be-computed')), OutputInterface::OUTPUT_RAW);

            return self::UNCOMPUTABLE;
        }
    }

    /** @throws InvalidInput|Uncomputable */
    abstract protected function answer(): int;

    /** @throws InvalidInput */
    protected function design(): Design
    {
        $path = $this->argument('file');

        $isFound = $this->input->hasOption('found') && $this->input->getOption('found') === true;

        return $this->designs->as(VehicleState::of($isFound), $this->designs->decode($this->contentOf(is_string($path) ? $path : '')));
    }

    /**
     * @return string a job file
     *
     * @throws InvalidInput
     */
    protected function contentOf(string $path): string
    {
        $json = is_file($path) ? file_get_contents($path, length: JobFile::MOST_BYTES + 1) : false;

        return $json === false ? throw InvalidInput::at($path, Message::of('input.file.cannot-be-read')) : $json;
    }

    /**
     * The drive that is named: one of those that ship, or a CSV file.
     *
     * @throws InvalidInput
     */
    protected function drive(string $named, ?Driveline $driveline): Drive
    {
        $drives = Drives::standard();
        if (isset($drives[$named])) {
            return $drives[$named];
        }
        $csv = is_file($named) ? file_get_contents($named, length: self::MOST_DRIVE_BYTES) : false;
        if ($csv === false) {
            throw InvalidInput::at('--drive', Message::of('input.no-such-drive', drive: $named, drives: array_keys($drives)));
        }

        return (new DriveCsv($driveline))->read($csv, basename($named))[0];
    }

    /** @param  array<mixed>|string  $answer  to be encoded, or encoded already */
    protected function printJson(array|string $answer, mixed $isPretty): void
    {
        if (is_string($answer)) {
            $answer = json_decode($answer);
        }
        $this->output->writeln(json_encode($answer, self::JSON | ($isPretty === true ? JSON_PRETTY_PRINT : 0)), OutputInterface::OUTPUT_RAW);
    }
}
