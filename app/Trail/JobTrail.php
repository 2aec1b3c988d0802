<?php

declare(strict_types=1);

namespace App\Trail;

use App\Models\Job;
use App\Models\JobRecord;
use App\Models\RecordKind;
use App\People\Discretion;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\Symptom;
use LampThread\Exchange\AnswerReader;
use LampThread\Exchange\VehicleState;
use LampThread\Message\InvalidInput;

/** Where looking for the fault of a job stands, as its record tells: what was seen, what came of each test, in the order it was done. */
final readonly class JobTrail
{
    /** Step of a record that begins to look anew, with what is seen; and of one that takes the last answer back. */
    public const SEEN = 'seen';

    public const BACK = 'back';

    /** Nobody tests more for one fault. */
    private const MOST_ANSWERS = 60;

    /**
     * @param  list<Symptom>  $seen  none where nothing is looked for
     * @param  list<Answer>  $answers
     * @param  list<string>  $outdated  tests that were answered and that the circuit, as it is now, has not
     * @param  list<array{what: string, by: string, at: string}>  $found  faults of this job, the last first
     */
    private function __construct(public array $seen, public array $answers, public array $outdated, public array $found) {}

    public static function of(Job $job, FaultTable $table, Discretion $discretion): self
    {
        [$seen, $answers, $outdated, $found] = [[], [], [], []];
        foreach (JobRecord::ofJob($job, $discretion) as $record) {
            if ($record->kind === RecordKind::Fault) {
                array_unshift($found, ['what' => (string) $record->data['text'], 'by' => $record->by, 'at' => $record->at->toIso8601ZuluString()]);
            }
            // What was tested on the vehicle as it was found says nothing of the one that leaves, nor the other way round.
            if (($record->data['lookedAt'] ?? VehicleState::Leaves->value) !== $job->state->value) {
                continue;
            }
            if ($record->kind === RecordKind::Fault) {
                [$seen, $answers, $outdated] = [[], [], []];
            } elseif ($record->kind === RecordKind::Trail && $record->step === self::SEEN) {
                [$seen, $answers, $outdated] = [self::known((string) $record->data['text']), [], []];
            } elseif ($record->kind === RecordKind::Trail && $record->step === self::BACK) {
                array_pop($answers);
            } elseif ($record->kind === RecordKind::Trail) {
                try {
                    // What is tested again counts twice: what was given wrongly is taken back.
                    $answers[] = AnswerReader::read($table, $record->step, (string) $record->data['text']);
                } catch (InvalidInput) {
                    $outdated[] = $record->step;
                }
            }
        }

        return new self($seen, array_slice($answers, -self::MOST_ANSWERS), $outdated, $found);
    }

    /**
     * What is to be kept of a record of looking.
     *
     * @throws InvalidInput for symptoms there are not
     */
    public static function checked(string $step, string $text): string
    {
        if ($step === self::SEEN) {
            array_map(AnswerReader::symptom(...), self::words($text));
        }

        return $text;
    }

    /** @return list<Symptom> those there are; none where nothing is looked for any more. What came in a file may tell of others. */
    private static function known(string $text): array
    {
        return array_values(array_filter(array_map(Symptom::tryFrom(...), self::words($text))));
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return array_values(array_unique(array_filter(explode(' ', $text), static fn (string $one): bool => $one !== '')));
    }
}
