<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** What came of a test: a number, the place among its answers, or nothing that tells. */
final readonly class Answer
{
    /** @param  float|null  $value  null where it was not tried, or nobody is sure */
    public function __construct(public Test $test, public ?float $value) {}
}
