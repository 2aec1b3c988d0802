<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\Trail;
use LampThread\Exchange\AnswerReader;
use LampThread\Exchange\TrailPresenter;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

final class TrailCommand extends JobFileCommand
{
    protected $signature = 'lamp:trail {file : a *.lampthread.json} {--seen=* : what is wrong, e.g. never-runs} {--answer=* : test=what came of it, the first first}'
        .' {--tool=* : what is at hand; the usual ones unless it is said} {--pretty : indent the answer}';

    protected $description = 'Prints as JSON what may be wrong, how likely each is, and what to test next and why';

    protected function answer(): int
    {
        $seen = array_map(AnswerReader::symptom(...), array_values(array_map(strval(...), (array) $this->option('seen'))));
        if ($seen === []) {
            throw InvalidInput::at('--seen', Message::of('input.no-symptom'));
        }
        $design = $this->design();
        $table = $design->faultTable();
        $answers = array_map(static fn (mixed $given): Answer => self::read($table, strval($given)), array_values((array) $this->option('answer')));
        $tools = AnswerReader::tools(array_values(array_map(strval(...), (array) $this->option('tool'))));
        $trail = new Trail($table, new LampReading([$design->circuit()], $design->brief->supply->systemV), $seen, $answers, $tools);
        $this->printJson($this->wording->worded((new TrailPresenter([$design->circuit()]))->of($trail, $seen, $answers)), $this->option('pretty'));

        return Command::SUCCESS;
    }

    /** The name of a test may hold an equals sign itself. */
    private static function read(FaultTable $table, string $given): Answer
    {
        for ($at = strpos($given, '='); $at !== false; $at = strpos($given, '=', $at + 1)) {
            if (isset($table->tests[substr($given, 0, $at)])) {
                return AnswerReader::read($table, substr($given, 0, $at), substr($given, $at + 1));
            }
        }

        throw InvalidInput::at('--answer', Message::of('input.no-such-test', id: $given));
    }
}
