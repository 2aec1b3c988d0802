<?php

declare(strict_types=1);

namespace App\People;

/** What a person may do in the shop. */
enum Role: string
{
    case Owner = 'owner';
    case Fitter = 'fitter';
    case Reader = 'reader';

    /** Changes jobs, shelf and drives. */
    public function changes(): bool
    {
        return $this !== self::Reader;
    }

    /** Adds and removes people, reads the audit trail, erases. */
    public function manages(): bool
    {
        return $this === self::Owner;
    }
}
