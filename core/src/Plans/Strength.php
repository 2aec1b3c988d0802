<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** How much a wish is wished. */
enum Strength: string
{
    case Must = 'must';
    case Rather = 'rather';
    case Never = 'never';
}
