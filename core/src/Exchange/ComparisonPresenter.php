<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Proof\Comparison;
use LampThread\Proof\Difference;

/** What two versions of a design differ in, as it goes out: fits schema/comparison.json. */
final class ComparisonPresenter
{
    /** @return array<mixed> */
    public static function of(Comparison $comparison, Wording $wording): array
    {
        $row = static fn (Difference $difference): array => ['what' => $difference->what, 'was' => $difference->was, 'is' => $difference->is];

        return $wording->worded(['better' => array_map($row, $comparison->better), 'worse' => array_map($row, $comparison->worse)]);
    }
}
