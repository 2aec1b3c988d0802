<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Design\Design;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\Trail;
use LampThread\Exchange\AnswerReader;
use LampThread\Exchange\TrailPresenter;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

final class TrailCommand extends LinesCommand
{
    protected $signature = 'lamp:trail {file? : a *.lampthread.json} {--seen=* : what is wrong, e.g. never-runs} {--answer=* : test=what came of it, the first first}'
        .' {--tool=* : what is at hand; the usual ones unless it is said} {--pretty : indent the answer} '.self::LINES;

    protected $description = 'Prints as JSON what may be wrong, how likely each is, and what to test next and why';

    protected function worked(Design $design, array $options): Worked
    {
        $seen = array_map(AnswerReader::symptom(...), array_values(array_map(strval(...), (array) $options['seen'])));
        if ($seen === []) {
            throw InvalidInput::at('--seen', Message::of('input.no-symptom'));
        }
        $table = $design->faultTable();
        $answers = array_map(static fn (mixed $given): Answer => self::read($table, strval($given)), array_values((array) $options['answer']));
        $tools = AnswerReader::tools(array_values(array_map(strval(...), (array) $options['tool'])));
        $trail = new Trail($table, new LampReading([$design->circuit()], $design->brief->supply->systemV), $seen, $answers, $tools);

        return new Worked($this->wording->worded((new TrailPresenter([$design->circuit()]))->of($trail, $seen, $answers)), hasFindings: false);
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
