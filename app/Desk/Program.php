<?php

declare(strict_types=1);

namespace App\Desk;

/** The program itself, as it stands in what it saves. */
final class Program
{
    /** Grows whenever sizes or findings of a job can come out otherwise; each is told in CHANGELOG.md. */
    public const VERSION = '0.2.0';
}
