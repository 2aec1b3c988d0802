<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Design;
use App\Design\Designs;
use App\Design\Kept;
use App\Design\Uncomputable;
use Illuminate\Cache\NullStore;
use Illuminate\Cache\Repository;
use Illuminate\Console\Command;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Json;
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command on one job file, or with `--lines` on as many as come in, one a line, as `{"job": path or job file, …options}`. Each line that comes in
 * gives one that goes out, as schema/lines-answer.json has it, and the command keeps running until its input ends.
 */
abstract class LinesCommand extends JobFileCommand
{
    protected const LINES = self::AS_FOUND.'{--lines : job files and options come as lines of JSON, and answers go as such}';

    /** Options of the command itself, not of a job. */
    private const OWN = ['lines', 'pretty'];

    /**
     * @param  array<string, mixed>  $options
     *
     * @throws InvalidInput
     */
    abstract protected function worked(Design $design, array $options): Worked;

    protected function answer(): int
    {
        if ($this->option('lines') === true) {
            return $this->lines();
        }
        $worked = $this->worked($this->design(), $this->options());
        $this->printJson($worked->answer, $this->option('pretty'));

        return $worked->hasFindings ? self::FINDINGS : Command::SUCCESS;
    }

    private function lines(): int
    {
        // Hundreds of jobs are asked once each: nothing of them is kept on the disk.
        $this->laravel->instance(Kept::class, new Kept(new Repository(new NullStore)));
        $this->laravel->forgetInstance(Designs::class);
        $this->designs = $this->laravel->make(Designs::class);
        for ($number = 1; ($line = fgets(STDIN)) !== false; $number++) {
            if (trim($line) !== '') {
                $this->output->writeln($this->answerTo($number, $line), OutputInterface::OUTPUT_RAW);
            }
        }

        return Command::SUCCESS;
    }

    private function answerTo(int $number, string $line): string
    {
        try {
            $asked = Json::read($line, JobFile::MOST_BYTES);
            $worked = $this->worked($this->asked($asked), $this->told($asked));
            $answer = is_string($worked->answer) ? $worked->answer : json_encode($worked->answer, self::JSON);

            return '{"line":'.$number.',"exit":'.($worked->hasFindings ? self::FINDINGS : Command::SUCCESS).',"answer":'.$answer.'}';
        } catch (InvalidInput $invalid) {
            $exit = self::INVALID_INPUT;
            $problems = $this->wording->problems($invalid->problems);
        } catch (Uncomputable $fault) {
            report($fault);
            $exit = self::UNCOMPUTABLE;
            $problems = [['at' => '', 'message' => Wording::english()->text(Message::of('request.cannot-be-computed'))]];
        }

        return json_encode(['line' => $number, 'exit' => $exit, 'problems' => $problems], self::JSON);
    }

    /** @throws InvalidInput */
    private function asked(mixed $asked): Design
    {
        $job = $asked instanceof \stdClass ? $asked->job ?? null : null;
        $state = VehicleState::of(($asked->found ?? false) === true);

        return match (true) {
            is_string($job) => $this->designs->fresh($this->designs->decode($this->contentOf($job)), $state),
            $job instanceof \stdClass => $this->designs->fresh($this->designs->decode((string) json_encode($job)), $state),
            default => throw InvalidInput::at('/job', Message::of('input.lines.job')),
        };
    }

    /**
     * @return array<string, mixed> all options of the command, those that are told over the usual ones
     *
     * @throws InvalidInput for one there is not, or of another kind
     */
    private function told(mixed $asked): array
    {
        $options = array_map(static fn ($option): mixed => $option->getDefault(), $this->getNativeDefinition()->getOptions());
        $told = array_diff_key((array) $asked, ['job' => true, 'found' => true]);
        foreach ($told as $name => $value) {
            if (! array_key_exists($name, $options) || in_array($name, self::OWN, true)) {
                throw InvalidInput::at("/{$name}", Message::of('input.schema.unknown'));
            }
            $isList = is_array($options[$name]);
            if ($isList !== is_array($value) || array_filter((array) $value, static fn (mixed $one): bool => ! is_string($one) && ! is_numeric($one)) !== []) {
                throw InvalidInput::at("/{$name}", Message::of('input.must-be-text'));
            }
            $options[$name] = $isList ? array_map(strval(...), (array) $value) : (string) $value;
        }

        return $options;
    }
}
