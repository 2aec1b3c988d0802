<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the fan's current comes from. */
enum Feed: string
{
    case Battery = 'battery';
    case FuseBoxStud = 'fuse-box-stud';

    /** The starter's battery terminal: short to reach where the battery is far away, and live at all times. */
    case StarterTerminal = 'starter-terminal';

    /** The alternator's output: live at all times from the battery, and no fuse on either side. */
    case AlternatorOutput = 'alternator-output';

    /** The fuse of the fan it replaces, at no more than that fuse. */
    case ExistingCircuit = 'existing-circuit';
}
