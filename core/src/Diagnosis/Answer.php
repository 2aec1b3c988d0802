<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** What came of a test: a number, the place among its answers, something no cause foresees, or nothing that tells. */
final readonly class Answer
{
    /**
     * @param  float|null  $value  null where it was not tried, nobody is sure, or something else was seen
     * @param  string  $words  what was seen that is none of the answers; '' where nothing was
     */
    public function __construct(public Test $test, public ?float $value, public string $words = '') {}

    /** Whether what was put in has mended it. */
    public function cures(): bool
    {
        $seen = $this->value === null ? '' : $this->test->answers[(int) $this->value] ?? '';

        return $this->test->kind === TestKind::Swap && $seen === 'cured' || $this->test->kind === TestKind::Renew && $seen === 'mended';
    }
}
