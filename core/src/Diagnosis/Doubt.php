<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** What does not go with the rest: an answer, or something that was told. */
final readonly class Doubt
{
    private function __construct(public ?Answer $answer, public ?Symptom $symptom) {}

    public static function ofAnswer(Answer $answer): self
    {
        return new self($answer, null);
    }

    public static function ofSymptom(Symptom $symptom): self
    {
        return new self(null, $symptom);
    }
}
