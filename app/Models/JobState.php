<?php

declare(strict_types=1);

namespace App\Models;

/** What stands against a job, as the desk filters by it: the worst of it. */
enum JobState: string
{
    case Unreadable = 'unreadable';
    case Danger = 'danger';
    case Warning = 'warning';
    case NotProven = 'not-proven';
    case Sound = 'sound';
}
