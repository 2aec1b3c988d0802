<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

/** What is wrong with a device now and then. */
enum StandInFault: string
{
    /** Rows and cells that did not come in. */
    case DropOuts = 'drop-outs';

    /** Times in whole seconds, several rows to each. */
    case OneSecondSteps = 'one-second-steps';

    /** °F and miles, and a header that does not say so. */
    case WrongUnit = 'wrong-unit';
}
