<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What is done to a shroud before it goes in. */
enum ShroudWork: string
{
    case None = 'none';
    case CutDown = 'cut-down';
    case Extended = 'extended';
}
