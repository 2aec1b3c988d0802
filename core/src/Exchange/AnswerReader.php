<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\Tool;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Observation\Reads;

/** What was seen, and what came of tests, as people give it. */
final class AnswerReader
{
    /** Answers that tell nothing: the test is not offered again. */
    public const NOTHING = ['not-sure', 'not-tried'];

    /** What an answer begins with that is told in words, as none of a test’s own is what was seen. */
    public const IN_WORDS = 'else:';

    /**
     * @param  string  $given  a number with or without its unit, one of a test’s options, one of NOTHING, or `else:` and what was seen
     *
     * @throws InvalidInput for a test this circuit has not, and an answer it has not
     */
    public static function read(FaultTable $table, string $test, string $given): Answer
    {
        $known = $table->tests[$test] ?? throw InvalidInput::at("/answers/{$test}", Message::of('input.no-such-test', id: $test));
        if (in_array($given, self::NOTHING, true)) {
            return new Answer($known, null);
        }
        $words = str_starts_with($given, self::IN_WORDS) ? trim(substr($given, strlen(self::IN_WORDS))) : '';
        if ($words !== '') {
            return new Answer($known, null, $words);
        }
        if ($known->kind->isNumber()) {
            return new Answer($known, ReadingParser::read($given, $known->kind === TestKind::Clamp ? Reads::Ampere : Reads::Volt));
        }
        $place = array_search($given, $known->answers, true);

        return $place === false
            ? throw InvalidInput::at("/answers/{$test}", Message::of('input.no-such-answer', given: $given, answers: [...$known->answers, ...self::NOTHING]))
            : new Answer($known, (float) $place);
    }

    /** @throws InvalidInput */
    public static function symptom(string $given): Symptom
    {
        return Symptom::tryFrom($given) ?? throw InvalidInput::at('/seen', Message::of('input.no-such-symptom', given: $given, symptoms: array_column(Symptom::cases(), 'value')));
    }

    /**
     * @param  list<string>  $given  the usual ones where there are none
     * @return list<Tool> eyes always among them
     *
     * @throws InvalidInput
     */
    public static function tools(array $given): array
    {
        return $given === [] ? Tool::usual() : [Tool::Eyes, ...array_map(static fn (string $tool): Tool => Tool::tryFrom($tool)
            ?? throw InvalidInput::at('/tools', Message::of('input.no-such-tool', given: $tool, tools: array_column(Tool::cases(), 'value'))), $given)];
    }
}
