<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What the driver may do to the fan. */
enum OverrideKind: string
{
    /** Runs it: joins the trigger, in parallel with the decider. */
    case ForceOn = 'force-on';

    /** Off, automatic, on. */
    case ThreePosition = 'three-position';

    /** A relay let into the fan's own lead, rest contact to what was there: if it fails the old control still works. */
    case ChangeOver = 'change-over';

    /** Opens the computer's sensor circuit, where that is taken as hot. */
    case SensorOpen = 'sensor-open';

    /** Automatic, low, high, for fans with two speeds. */
    case LowHigh = 'low-high';

    /** Stops it: for deep water or a dynamometer. */
    case CutOut = 'cut-out';
}
