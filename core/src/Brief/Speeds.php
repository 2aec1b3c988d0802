<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** How the same fans run slower on the first stage than on the second. */
enum Speeds: string
{
    /** A resistor in the fan's lead on the first stage. */
    case DroppingResistor = 'dropping-resistor';

    /** A motor with a slow and a fast winding. */
    case TwoWindings = 'two-windings';

    /** Two fans in series on the first stage, in parallel on the second; three relays. */
    case SeriesParallel = 'series-parallel';
}
