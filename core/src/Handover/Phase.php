<?php

declare(strict_types=1);

namespace LampThread\Handover;

/** When a test is made: the cheap and safe ones first. */
enum Phase: string
{
    /** Battery off, fuses out. */
    case BeforePower = 'before-power';
    /** Battery on, engine standing and cold. */
    case Cold = 'cold';
    /** Engine running and warm. */
    case Warm = 'warm';
    case Road = 'road';
    /** A week later, and a season. */
    case Later = 'later';
}
