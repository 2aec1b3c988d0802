<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** What was told and answered, and how likely it makes each cause: all of it, or with one thing left out. */
final class Story
{
    public readonly Odds $odds;

    /** @var array<int, Odds> by the answer that is left out: asked for by what carries a name and by what is doubted */
    private array $withoutAnswer = [];

    /**
     * @param  list<Symptom>  $seen
     * @param  list<Answer>  $answers  the first first
     */
    public function __construct(public readonly FaultTable $table, private readonly LampReading $lamp, public readonly array $seen, public readonly array $answers)
    {
        $this->odds = $this->weighed($seen, $answers);
    }

    /** Were one answer not given. */
    public function withoutAnswer(int $at): Odds
    {
        return $this->withoutAnswer[$at] ??= $this->weighed($this->seen, array_values(array_diff_key($this->answers, [$at => 1])));
    }

    /** Were one thing not told. */
    public function withoutSymptom(int $at): Odds
    {
        return $this->weighed(array_values(array_diff_key($this->seen, [$at => 1])), $this->answers);
    }

    /** Before anything was tested. */
    public function untested(): Odds
    {
        return $this->weighed($this->seen, []);
    }

    /** Whether a cause shows all that was told of. */
    public function showsAll(int $cause): bool
    {
        return array_filter($this->seen, fn (Symptom $symptom): bool => ! $this->table->shows($cause, $symptom)) === [];
    }

    /** Whether something put in has mended it: then that is its proof, and nothing is as it was before. */
    public function isCured(): bool
    {
        return array_filter($this->answers, static fn (Answer $answer): bool => $answer->cures()) !== [];
    }

    public function likelihood(Answer $answer, int $cause): float
    {
        return $answer->value === null ? 1.0 : Reading::likelihood(
            $answer->test, $answer->value, $this->shown($answer->test, [$cause])[$cause], $this->table->half($answer->test, $cause),
        );
    }

    /**
     * What a test shows; a lamp is solved with it in.
     *
     * @param  list<int>  $causes
     * @return array<int, float> by cause
     */
    public function shown(Test $test, array $causes): array
    {
        if ($test->kind !== TestKind::Lamp) {
            return $this->table->shown($test, $causes);
        }
        $situation = $this->table->situations[(string) $test->situation];
        $shown = [];
        foreach ($this->table->shown($test, $causes) as $cause => $look) {
            // Where there is no voltage without it, there is none with it.
            $shown[$cause] = $look <= 0.0 ? $look : (float) $this->table->lampLook($this->lamp->volts($this->table->causes[$cause], $situation, $test->spot));
        }

        return $shown;
    }

    /**
     * @param  list<Symptom>  $seen
     * @param  list<Answer>  $answers
     */
    private function weighed(array $seen, array $answers): Odds
    {
        return Odds::of($this->table, $this->shown(...), $seen, $answers);
    }
}
