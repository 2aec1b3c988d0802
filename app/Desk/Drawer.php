<?php

declare(strict_types=1);

namespace App\Desk;

/** Where a job lies. */
enum Drawer: string
{
    case Desk = 'desk';
    case Archive = 'archive';
    case Bin = 'bin';
}
