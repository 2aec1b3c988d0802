<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\Cause;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\FaultTables;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use LampThread\Diagnosis\Walk;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Orchard;

/** The demo workshop's jobs with their fault tables, made once. */
final class Tables
{
    /** @var array<string, FaultTable> */
    private static array $tables = [];

    public static function of(string $job): FaultTable
    {
        return self::$tables[$job] ??= FaultTables::of(Workshop::sizing($job), Orchard::shelf(), new FailureRates(Workshop::sizing($job)->circuit));
    }

    public static function lamp(string $job): LampReading
    {
        return new LampReading([Workshop::sizing($job)->circuit], Workshop::sizing($job)->brief->supply->systemV);
    }

    public static function walk(string $job): Walk
    {
        return new Walk(self::of($job), self::lamp($job), Tool::cases());
    }

    /**
     * @param  list<Symptom>  $seen
     * @param  array<string, string|float|null>  $given  test to answer
     */
    public static function trail(string $job, array $seen, array $given = []): Trail
    {
        return new Trail(self::of($job), self::lamp($job), $seen, self::answers($job, $given), Tool::usual());
    }

    /**
     * @param  array<string, string|float|null>  $given  test to answer
     * @return list<Answer>
     */
    public static function answers(string $job, array $given): array
    {
        $answers = [];
        foreach ($given as $id => $answer) {
            $test = self::of($job)->tests[$id];
            $answers[] = new Answer($test, is_string($answer) ? (float) array_search($answer, $test->answers, true) : $answer);
        }

        return $answers;
    }

    /** Place in the table of a fault, as `part=kind`, or of a cause that is not electrical. */
    public static function cause(string $job, string $fault): int
    {
        foreach (self::of($job)->causes as $at => $cause) {
            if (self::named($cause) === $fault) {
                return $at;
            }
        }

        throw new \OutOfBoundsException("{$job} has no {$fault}");
    }

    private static function named(Cause $cause): string
    {
        $each = [];
        foreach ($cause->faults as $part => $fault) {
            $each[] = "{$part}={$fault->kind->value}";
        }

        return $cause->outside ?? implode('+', $each);
    }
}
