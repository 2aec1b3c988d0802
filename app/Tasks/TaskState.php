<?php

declare(strict_types=1);

namespace App\Tasks;

/** How far long work is. */
enum TaskState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    case Stopped = 'stopped';
    case Failed = 'failed';

    public function isOpen(): bool
    {
        return $this === self::Waiting || $this === self::Running;
    }
}
