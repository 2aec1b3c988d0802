<?php

declare(strict_types=1);

namespace App\Desk;

/** What a list of jobs is sorted by. */
enum JobSort: string
{
    case Changed = 'changed';
    case Title = 'title';
    case Customer = 'customer';

    /** @return array{string, 'asc'|'desc'} column and direction */
    public function order(): array
    {
        return match ($this) {
            self::Changed => ['updated_at', 'desc'],
            self::Title => ['title', 'asc'],
            self::Customer => ['customer', 'asc'],
        };
    }
}
