<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Behind the core drawing air through it, or in front pushing air into it. */
enum Mount: string
{
    case Puller = 'puller';
    case Pusher = 'pusher';
}
