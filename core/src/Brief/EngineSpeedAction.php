<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What an engine-speed switch does at its speed. */
enum EngineSpeedAction: string
{
    /** Normally closed: ram air is taken to be enough from there on. */
    case OpensAbove = 'opens-above';

    /** Normally open: nothing runs before the engine, and so the alternator, is up to speed. */
    case ClosesAbove = 'closes-above';
}
