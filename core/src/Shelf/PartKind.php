<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/** What a workshop can put on its shelf. */
enum PartKind: string
{
    case Fuse = 'fuse';
    case Relay = 'relay';
    case Terminal = 'terminal';
    case Cable = 'cable';
    case Switch = 'switch';

    public function label(): string
    {
        return match ($this) {
            self::Fuse => 'Fuse',
            self::Relay => 'Relay',
            self::Terminal => 'Terminal',
            self::Cable => 'Cable',
            self::Switch => 'Temperature switch',
        };
    }
}
