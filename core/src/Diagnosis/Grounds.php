<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** What a name stands on: which answers tell it from a sound vehicle, which one alone carries it, and which contradicts the rest. */
final readonly class Grounds
{
    /** What a place must still have were any one number not read. */
    private const FIRM_SHARE = 0.1;

    /** The same of what is seen, felt or heard, which is told wrongly more often than a number is read wrongly. */
    private const FIRM_SEEN_SHARE = 0.6;

    /** A test tells two causes apart where its answer is so many times as likely with the one. */
    private const TELLS_APART = 12.0;

    public function __construct(private Story $story) {}

    /** Whether one of its parts was tried itself, and showed what goes against it. */
    public function isRefuted(Place $place, int $cause): bool
    {
        return array_filter($this->ofItself($place), fn (Answer $answer): bool => $this->story->likelihood($answer, $cause) < Trail::DOUBT_FROM) !== [];
    }

    /** Whether one of its parts was tried itself, and showed what no sound one does. */
    public function isTried(Place $place, int $cause): bool
    {
        return array_filter($this->ofItself($place), fn (Answer $answer): bool => $this->tells($answer, $cause)) !== [];
    }

    /** @return list<Answer> of tests that try one of its parts */
    private function ofItself(Place $place): array
    {
        $parts = explode('+', $place->id);

        return array_values(array_filter(
            $this->story->answers, static fn (Answer $answer): bool => $answer->value !== null && array_filter($parts, $answer->test->tries(...)) !== [],
        ));
    }

    /** The test whose answer alone says that it is there; null where no one answer does. */
    public function carrying(Place $place): ?Test
    {
        $carrying = null;
        $least = 1.0;
        foreach ($this->story->answers as $at => $answer) {
            $needed = $answer->test->kind->isNumber() ? self::FIRM_SHARE : self::FIRM_SEEN_SHARE;
            $shares = $this->story->withoutAnswer($at)->shares();
            $share = array_sum(array_filter($shares, fn (int $cause): bool => $this->story->table->causes[$cause]->place() === $place->id, ARRAY_FILTER_USE_KEY));
            if ($share / $needed < $least) {
                [$carrying, $least] = [$answer->test, $share / $needed];
            }
        }

        return $carrying;
    }

    /**
     * What contradicts the rest most: without it the rest fits far better. Null where nothing contradicts.
     *
     * @param  int  $likeliest  cause
     * @param  list<Test>  $mayBeBoth  tests of which two answers that differ may both be right
     */
    public function doubted(int $likeliest, array $mayBeBoth): ?Doubt
    {
        if (! $this->isContradicted($likeliest)) {
            return null;
        }
        $doubted = null;
        $most = $this->story->odds->sum() * 2;
        foreach ($this->story->answers as $at => $answer) {
            $without = $this->story->withoutAnswer($at)->sum();
            if ($answer->value !== null && $without > $most && ! in_array($answer->test, $mayBeBoth, true)) {
                [$doubted, $most] = [Doubt::ofAnswer($answer), $without];
            }
        }
        foreach (count($this->story->seen) > 1 ? $this->story->seen : [] as $at => $symptom) {
            $without = $this->story->withoutSymptom($at)->sum();
            if ($without > $most) {
                [$doubted, $most] = [Doubt::ofSymptom($symptom), $without];
            }
        }

        return $doubted;
    }

    private function isContradicted(int $likeliest): bool
    {
        foreach ($this->story->answers as $answer) {
            if ($this->story->likelihood($answer, $likeliest) < Trail::DOUBT_FROM) {
                return true;
            }
        }

        // What is away by now has shown whatever it was told of.
        return ! $this->story->table->causes[$likeliest]->isNone() && ! $this->story->showsAll($likeliest);
    }

    /** Whether an answer tells a cause from a sound vehicle: what is only left over is not found. */
    public function isTold(int $cause): bool
    {
        return array_filter($this->story->answers, fn (Answer $answer): bool => $this->tells($answer, $cause)) !== [];
    }

    /** Whether an answer tells a cause from a sound vehicle. */
    private function tells(Answer $answer, int $cause): bool
    {
        $none = $this->story->table->soundCauses()[$this->story->table->causes[$cause]->subject] ?? null;

        return $none === null || $this->story->likelihood($answer, $cause) > self::TELLS_APART * $this->story->likelihood($answer, $none);
    }
}
