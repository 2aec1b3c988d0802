<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Gathers what every test shows of each cause, cause after cause. */
final class FaultRows
{
    /** @var list<Cause> */
    private array $causes = [];

    /** @var list<array<string, float>> of each cause, column to what is shown */
    private array $rows = [];

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

    public function add(Solution $solution): void
    {
        $this->addRead($solution, $this->tests->numbers($solution->points), []);
    }

    /**
     * @param  array<string, float>  $numbers  what is measured, by column
     * @param  array<string, float>  $halves  column to how far that may lie to either side
     */
    public function addRead(Solution $solution, array $numbers, array $halves): void
    {
        foreach (Symptom::cases() as $symptom) {
            $this->symptoms[$symptom->value] .= $symptom->isShownBy($solution->behaviour, $this->sound) ? '1' : '0';
        }
        foreach ($halves as $column => $half) {
            $this->halves[$column] = str_pad($this->halves[$column] ?? '', count($this->causes), Half::NONE).Half::byte($half);
        }
        $this->append($solution, $numbers, []);
    }

    /** @param  Solution  $solution  of the circuit, which is sound */
    public function addOutside(OutsideCause $cause, Solution $solution): void
    {
        foreach (Symptom::cases() as $symptom) {
            $this->symptoms[$symptom->value] .= in_array($symptom, $cause->shows, true) ? '1' : '0';
        }
        $this->append($solution, $this->tests->numbers($solution->points), $cause->answers);
    }

    /** @param  array<string, array{float, float}>  $spreads  column of a number to how far a sound vehicle’s may be off: spread, and to either side */
    public function table(Situations $situations, float $supplyV, array $spreads): FaultTable
    {
        $tests = [];
        foreach ($this->tests->all as $id => $test) {
            $tests[$id] = $test->answeredBy($this->answers[$id] ?? $test->answers, ...$spreads[$id] ?? [0.0, 0.0]);
        }

        return new FaultTable($this->causes, $tests, $situations->all, $this->columns(), $this->halves, $this->symptoms, $supplyV);
    }

    /**
     * @param  array<string, float>  $row  what is measured, by column
     * @param  array<string, string>  $outside  test of what is outside the circuit to what it shows
     */
    private function append(Solution $solution, array $row, array $outside): void
    {
        $this->causes[] = $solution->cause;
        foreach ($this->tests->seen($solution, $outside) as $test => $answer) {
            $this->answers[$test] ??= $this->tests->all[$test]->answers;
            $place = array_search($answer, $this->answers[$test], true);
            if ($place === false) {
                $place = count($this->answers[$test]);
                $this->answers[$test][] = $answer;
            }
            $row[$test] = (float) $place;
        }
        $this->rows[] = $row;
    }

    /** @return array<string, string> a float of four bytes for each cause */
    private function columns(): array
    {
        $columns = [];
        foreach (array_keys($this->rows[0] ?? []) as $column) {
            $columns[$column] = pack('g*', ...array_column($this->rows, $column));
        }

        return $columns;
    }
}
