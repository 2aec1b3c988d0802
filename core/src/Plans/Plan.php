<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** A plan that no other beats, as it is put before the installer. */
final readonly class Plan
{
    /**
     * @param  int  $number  of the judged ones
     * @param  list<string>  $bestAt  criteria in which no other of those shown is better; none for the best balance
     * @param  array<string, float>  $scores  by criterion, 0 for the best of the front and 1 for what is worse by all that counts
     */
    public function __construct(public int $number, public Judged $judged, public array $bestAt, public array $scores, public bool $isBalance) {}
}
