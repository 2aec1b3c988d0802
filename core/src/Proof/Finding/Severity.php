<?php

declare(strict_types=1);

namespace LampThread\Proof\Finding;

/** How much a finding matters, worst first. */
enum Severity: string
{
    /** Someone can be hurt, something can burn, or there is no cooling. */
    case Danger = 'danger';
    /** It works, but not as it should, or not for long. */
    case Warning = 'warning';
    /** Worth knowing. */
    case Note = 'note';

    /** 0 for the worst. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
