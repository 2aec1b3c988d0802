<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Which of the fan's leads its relay switches. */
enum RelayLead: string
{
    case Plus = 'plus';

    /** The fan's plus stays live, key out or not: a lead that chafes there runs it. */
    case Minus = 'minus';
}
