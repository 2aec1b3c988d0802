<?php

declare(strict_types=1);

namespace App\People;

/** What a door is for, and so who may use it. */
enum Deed: string
{
    /** Looking, and working out what is not kept. */
    case Ask = 'ask';
    /** Changing jobs, shelf and drives. */
    case Change = 'change';
    /** Taking a job away for good. */
    case Erase = 'erase';
    /** Letting people in, and reading what was done. */
    case Manage = 'manage';

    public function isFor(Role $role): bool
    {
        return match ($this) {
            self::Ask => true,
            self::Change => $role->changes(),
            self::Erase, self::Manage => $role->manages(),
        };
    }

    /** On one machine alone nobody is let in or kept out: the first owner comes from the terminal. */
    public function isForAnyone(): bool
    {
        return $this !== self::Manage;
    }
}
