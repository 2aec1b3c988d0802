<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the fan's current comes from. */
enum Feed: string
{
    case Battery = 'battery';
    case FuseBoxStud = 'fuse-box-stud';

    /** The fuse of the fan it replaces, at no more than that fuse. */
    case ExistingCircuit = 'existing-circuit';
}
