<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** The two terminals every circuit hangs between. */
final class Rail
{
    /** Where the vehicle's supply is taken from. */
    public const SUPPLY = 'battery:+';

    /** Every voltage is measured against this terminal. */
    public const EARTH = 'battery:-';
}
