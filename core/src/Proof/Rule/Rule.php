<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding\Finding;
use LampThread\Sizing\Sizing;

/** One thing that is looked for in a design. */
interface Rule
{
    /** @return list<Finding> empty when all is well */
    public function judge(Sizing $sizing): array;
}
