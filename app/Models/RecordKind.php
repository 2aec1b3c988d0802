<?php

declare(strict_types=1);

namespace App\Models;

/** What can be written into the record of a job. */
enum RecordKind: string
{
    /** A step of the work that is done, or is not after all. */
    case Tick = 'tick';
    /** What an instrument showed at a test. */
    case Reading = 'reading';
    case Note = 'note';
    /** Of a customer, before the work or after it. */
    case Complaint = 'complaint';
    case Photograph = 'photograph';
    /** What stage the job has reached. */
    case Stage = 'stage';
    case SignOff = 'sign-off';
    /** Of looking for a fault: what is seen, what came of a test, or that the last of those is taken back. */
    case Trail = 'trail';
    /** A fault that was found. */
    case Fault = 'fault';
}
