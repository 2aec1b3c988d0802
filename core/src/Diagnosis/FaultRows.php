<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Operation\OperatingPoint;

/** Gathers what every test shows of each cause, cause after cause. */
final class FaultRows
{
    /** @var list<Cause> */
    private array $causes = [];

    /** @var array<string, string> a float of four bytes for each cause */
    private array $columns = [];

    /** @var array<string, string> column to a byte for each cause so far, to the last that has one */
    private array $halves = [];

    /** @var array<string, string> a digit for each cause */
    private array $symptoms = [];

    /** @var array<string, list<string>> test to the answers met so far */
    private array $answers = [];

    public function __construct(private readonly TestSet $tests, private readonly Behaviour $sound)
    {
        foreach (Symptom::cases() as $symptom) {
            $this->symptoms[$symptom->value] = '';
        }
    }

    /** Whether anyone would tell of it. */
    public function isTold(Behaviour $behaviour): bool
    {
        return array_filter(Symptom::cases(), fn (Symptom $symptom): bool => $symptom->isShownBy($behaviour, $this->sound)) !== [];
    }

    /** @param  array<string, float>  $halves  column to how far what it shows may lie to either side */
    public function add(Solution $solution, array $halves = []): void
    {
        foreach (Symptom::cases() as $symptom) {
            $this->symptoms[$symptom->value] .= $symptom->isShownBy($solution->behaviour, $this->sound) ? '1' : '0';
        }
        foreach ($halves as $column => $half) {
            $this->halves[$column] = str_pad($this->halves[$column] ?? '', count($this->causes), Half::NONE).Half::byte($half);
        }
        $this->append($solution->cause, $solution->points, $solution->behaviour, $solution->opened, []);
    }

    /** @param  array<string, OperatingPoint>  $points  by situation */
    public function addOutside(OutsideCause $cause, array $points, Behaviour $behaviour): void
    {
        foreach (Symptom::cases() as $symptom) {
            $this->symptoms[$symptom->value] .= in_array($symptom, $cause->shows, true) ? '1' : '0';
        }
        $this->append(new Cause($cause->weight, [], $cause->id, isBuiltSo: $cause->isBuiltSo), $points, $behaviour, [], $cause->answers);
    }

    /** @param  array<string, array{float, float}>  $spreads  column of a number to how far a sound vehicle’s may be off: spread, and to either side */
    public function table(Situations $situations, float $supplyV, array $spreads): FaultTable
    {
        $tests = [];
        foreach ($this->tests->all as $id => $test) {
            $tests[$id] = $test->answeredBy($this->answers[$id] ?? $test->answers, ...$spreads[$id] ?? [0.0, 0.0]);
        }

        return new FaultTable($this->causes, $tests, $situations->all, $this->columns, $this->halves, $this->symptoms, $supplyV);
    }

    /**
     * @param  array<string, OperatingPoint>  $points
     * @param  array<string, float>  $opened
     * @param  array<string, string>  $outside
     */
    private function append(Cause $cause, array $points, Behaviour $behaviour, array $opened, array $outside): void
    {
        $this->causes[] = $cause;
        foreach ($this->tests->numbers($points) as $column => $value) {
            $this->columns[$column] = ($this->columns[$column] ?? '').pack('g', $value);
        }
        foreach ($this->tests->seen($cause, $points, $behaviour, $opened, $outside) as $test => $answer) {
            $this->answers[$test] ??= $this->tests->all[$test]->answers;
            $place = array_search($answer, $this->answers[$test], true);
            if ($place === false) {
                $place = count($this->answers[$test]);
                $this->answers[$test][] = $answer;
            }
            $this->columns[$test] = ($this->columns[$test] ?? '').pack('g', (float) $place);
        }
    }
}
