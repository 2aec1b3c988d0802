<?php

declare(strict_types=1);

namespace App\Trail;

use App\Design\Design;
use App\Design\Designs;
use App\Models\Job;
use App\Models\PracticeRun;
use LampThread\Circuit\Fault\Fault;
use LampThread\Diagnosis\Cause;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\Grade;
use LampThread\Diagnosis\Lesson;
use LampThread\Diagnosis\Practice;
use LampThread\Diagnosis\Symptom;
use LampThread\Exchange\JobFile;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Hides faults: of a lesson, of a grade, or of the kind somebody misses most. */
final readonly class PracticeRoom
{
    public const MISSED = 'missed';

    public function __construct(private Designs $designs) {}

    /** @throws InvalidInput for a lesson there is not, or one whose job no longer has that fault */
    public function lesson(string $id, string $person): PracticeRun
    {
        $lesson = Lesson::all()[$id] ?? throw InvalidInput::at('/lesson', Message::of('input.no-such-lesson', given: $id, lessons: array_keys(Lesson::all())));
        $design = $this->designs->of($this->designs->decode((string) file_get_contents(base_path("core/data/jobs/{$lesson->job}.lampthread.json"))));
        $cause = $lesson->cause($design->faultTable()) ?? throw InvalidInput::at('/lesson', Message::of('input.no-such-lesson', given: $id, lessons: array_keys(Lesson::all())));

        return $this->begun($design, $cause, $lesson->seen, $person, $id);
    }

    /** @throws InvalidInput where nothing of that grade can be hidden in the job */
    public function job(Job $job, string $grade, string $person): PracticeRun
    {
        $design = $this->designs->of($job->file());
        $table = $design->faultTable();
        $hidden = $grade === self::MISSED ? $this->missed($design, $person) : Practice::hidden($table, Grade::from($grade));
        if ($hidden === []) {
            throw InvalidInput::at('/grade', Message::of('input.nothing-to-hide'));
        }
        $cause = $hidden[random_int(0, count($hidden) - 1)];

        return $this->begun($design, $cause, array_values(array_filter([Practice::told($table, $cause)])), $person, null, $job->id);
    }

    /** @return list<int> causes of the kinds this person, or anyone, scores least at */
    private function missed(Design $design, string $person): array
    {
        $table = $design->faultTable();
        $all = array_merge(...array_map(static fn (Grade $grade): array => Practice::hidden($table, $grade), Grade::cases()));
        $rates = new FailureRates($design->circuit());
        foreach (array_keys(self::weakest($person)) as $class) {
            $of = array_values(array_filter($all, static fn (int $at): bool => self::classOf($table->causes[$at], $rates) === $class));
            if ($of !== []) {
                return $of;
            }
        }

        return Practice::hidden($table, Grade::Hard);
    }

    /** @return array<string, float> kind of fault to its mean score, the least first; of this person, or of everyone where nothing of them is known */
    public static function weakest(string $person): array
    {
        $ended = PracticeRun::query()->whereNotNull('score');
        $own = (clone $ended)->where('person', $person);
        $scores = ($own->exists() ? $own : $ended)->groupBy('class')->selectRaw('class, avg(score) as mean')->orderBy('mean')->pluck('mean', 'class')->all();

        return array_map(floatval(...), $scores);
    }

    public static function classOf(Cause $cause, FailureRates $rates): string
    {
        $classes = [];
        foreach ($cause->faults as $part => $fault) {
            $classes[] = $rates->classOf($part, $fault->kind);
        }

        return $cause->outside === null ? implode('+', $classes) : "cooling/{$cause->outside}";
    }

    /** @param  list<Symptom>  $seen */
    private function begun(Design $design, int $at, array $seen, string $person, ?string $lesson, ?string $jobId = null): PracticeRun
    {
        $cause = $design->faultTable()->causes[$at];

        return PracticeRun::query()->create([
            'person' => $person, 'lesson' => $lesson, 'job_id' => $jobId, 'file' => JobFile::withoutCustomer($design->file),
            'fault' => ['ways' => $cause->ways(), 'cooling' => $cause->outside],
            'class' => self::classOf($cause, new FailureRates($design->circuit())),
            'seen' => array_map(static fn (Symptom $symptom): string => $symptom->value, $seen),
            'moves' => [],
        ]);
    }
}
