<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Whose own input takes a request of the air conditioning. */
enum RequestInput
{
    case Computer;
    case Controller;
}
