<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Everything that may be wrong with a circuit, and what each test would show of it. Plain data, so that it can be kept. */
final readonly class FaultTable
{
    /** What a test shows of a cause that has no such part. */
    public const ABSENT = -1000.0;

    private const BYTES = 4;

    /**
     * @param  list<Cause>  $causes
     * @param  array<string, Test>  $tests  by id
     * @param  array<string, Situation>  $situations  by id
     * @param  array<string, string>  $columns  what is shown, a float of four bytes for each cause: a number, or the place among a test's answers
     * @param  array<string, string>  $halves  column to a byte for each cause: how far its number may lie to either side, as Half has it; none where all are sure
     * @param  array<string, string>  $symptoms  symptom to a digit for each cause
     */
    public function __construct(
        public array $causes,
        public array $tests,
        public array $situations,
        private array $columns,
        private array $halves,
        private array $symptoms,
        public float $supplyV,
    ) {}

    /** The same, each cause as often as a workshop has found it. */
    public function weighedBy(FailureRates $rates): self
    {
        $causes = array_map(static function (Cause $cause) use ($rates): Cause {
            $parts = array_keys($cause->faults);

            return count($parts) === 1 ? $cause->isIn($cause->subject, $rates->weight($parts[0], $cause->faults[$parts[0]]->kind)) : $cause;
        }, $this->causes);

        return new self($causes, $this->tests, $this->situations, $this->columns, $this->halves, $this->symptoms, $this->supplyV);
    }

    /** @return array<int, int> subject to the cause that is none */
    public function soundCauses(): array
    {
        $sound = [];
        foreach ($this->causes as $at => $cause) {
            if ($cause->isNone() && ! $cause->isBuiltSo) {
                $sound[$cause->subject] ??= $at;
            }
        }

        return $sound;
    }

    public function shows(int $cause, Symptom $symptom): bool
    {
        return $this->symptoms[$symptom->value][$cause] === '1';
    }

    /**
     * @param  list<int>  $causes
     * @return array<int, float> cause to what the test shows: its number, or the place among its answers
     */
    public function shown(Test $test, array $causes): array
    {
        $shown = [];
        foreach ($this->groups($test->column(), $causes) as $bytes => $alike) {
            $value = $this->value($test, (string) $bytes);
            foreach ($alike as $cause) {
                $shown[$cause] = $value;
            }
        }

        return $shown;
    }

    /**
     * Causes of which a column says the same, by what it says.
     *
     * @param  list<int>  $causes
     * @return array<array-key, non-empty-list<int>>
     */
    public function groups(string $column, array $causes): array
    {
        $bytes = $this->columns[$column] ?? '';
        $groups = [];
        foreach ($causes as $cause) {
            $groups[substr($bytes, self::BYTES * $cause, self::BYTES)][] = $cause;
        }

        return $groups;
    }

    /** How far the number a test shows of a cause may lie to either side: a joint of one size stands for all halfway to its neighbours. */
    public function half(Test $test, int $cause): float
    {
        return Half::of($this->halves[$test->column()][$cause] ?? Half::NONE);
    }

    /** What a test shows where its column says this. */
    public function value(Test $test, string $bytes): float
    {
        $read = $bytes === '' ? false : unpack('g', $bytes);
        $value = $read === false ? self::ABSENT : $read[1];

        return $test->kind === TestKind::Lamp ? (float) $this->lampLook($value) : $value;
    }

    /** How a test lamp glows at a voltage: the place among `dark`, `dim` and `bright`. */
    public function lampLook(float $volts): int
    {
        $share = $volts / $this->supplyV;

        return match (true) {
            $volts === self::ABSENT => (int) self::ABSENT,
            $share < 0.15 => 0,
            $share < 0.75 => 1,
            default => 2,
        };
    }

    /**
     * Tables of several circuits as one: what is the same test in each is one test.
     *
     * @param  non-empty-list<self>  $tables
     * @param  list<float>  $weights  of each
     */
    public static function joined(array $tables, array $weights): self
    {
        $causes = [];
        $tests = [];
        $situations = [];
        $columns = [];
        $halves = [];
        $symptoms = array_fill_keys(array_map(static fn (Symptom $symptom): string => $symptom->value, Symptom::cases()), '');
        foreach ($tables as $at => $table) {
            $before = count($causes);
            $sum = array_sum(array_map(static fn (Cause $cause): float => $cause->weight, $table->causes));
            foreach ($table->causes as $cause) {
                $causes[] = $cause->isIn($at, $cause->weight / $sum * $weights[$at]);
            }
            $situations += $table->situations;
            foreach ($table->tests as $id => $test) {
                $known = $tests[$id] ?? null;
                $answers = array_values(array_unique([...($known->answers ?? []), ...$test->answers]));
                $tests[$id] = $test->answeredBy($answers, max($test->spread, $known->spread ?? 0.0), max($test->half, $known->half ?? 0.0));
            }
            foreach ($table->columns as $name => $bytes) {
                $places = $table->places($name, $tests);
                $columns[$name] = str_pad($columns[$name] ?? '', $before * self::BYTES, pack('g', self::ABSENT)).($places === null ? $bytes : self::placed($bytes, $places));
            }
            foreach ($table->halves as $name => $bytes) {
                $halves[$name] = str_pad($halves[$name] ?? '', $before, Half::NONE).$bytes;
            }
            foreach ($symptoms as $code => $digits) {
                $symptoms[$code] = $digits.$table->symptoms[$code];
            }
        }

        return new self($causes, $tests, $situations, $columns, $halves, $symptoms, $tables[0]->supplyV);
    }

    /**
     * @param  array<string, Test>  $joined
     * @return list<int>|null where each answer of a test of this table stands in the joined one; null for numbers
     */
    private function places(string $column, array $joined): ?array
    {
        $answers = isset($this->tests[$column]) ? $this->tests[$column]->answers : [];

        return $answers === [] ? null : array_map(static fn (string $answer): int => (int) array_search($answer, $joined[$column]->answers, true), $answers);
    }

    /** @param  list<int>  $places */
    private static function placed(string $bytes, array $places): string
    {
        return pack('g*', ...array_map(static fn (float $value): float => $value < 0 ? $value : (float) $places[(int) $value], array_values((array) unpack('g*', $bytes))));
    }
}
