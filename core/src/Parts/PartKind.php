<?php

declare(strict_types=1);

namespace LampThread\Parts;

/** What a workshop can put on its shelf. */
enum PartKind: string
{
    case Fuse = 'fuse';
    case Relay = 'relay';
    case Terminal = 'terminal';
    case Cable = 'cable';
    case Switch = 'switch';
}
