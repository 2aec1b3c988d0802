<?php

declare(strict_types=1);

namespace App\Design;

use RuntimeException;
use Throwable;

/** A job file that fits every rule and that the program all the same cannot work out: a fault of the program, told as such and logged. */
final class Uncomputable extends RuntimeException
{
    public function __construct(Throwable $fault)
    {
        parent::__construct($fault->getMessage(), previous: $fault);
    }
}
