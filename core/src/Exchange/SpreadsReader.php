<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Road\Spreads;

/** How sure the figures of a job file are: fitted to a log, told, or left as they usually are. Deviations: common practice, no source. */
final class SpreadsReader
{
    /** Deviation of a figure that was told and of one that nobody told, over the figure. */
    private const HEAT = [0.10, 0.18];

    private const CORE = [0.10, 0.20];

    private const AIR = [0.15, 0.30];

    private const LOAD = [0.08, 0.15];

    /** Flow free of everything, as it is printed; and the pump's, which nobody knows. */
    private const FANS = 0.12;

    private const PUMP = 0.2;

    private const THERMOSTAT_K = 1.5;

    /** A fixed switch is made to so many kelvins; anything that is set meets its point better. */
    private const FIXED_K = 2.0;

    private const SET_K = 1.0;

    /** @param  array<string, mixed>  $file  the job file the brief was read from */
    public static function of(array $file, Brief $brief): Spreads
    {
        $heat = $file['heat'] ?? [];
        $fitted = $brief->heat->spreads;
        $either = static fn (string $figure, array $toldOrNot): float => $fitted[$figure] ?? $toldOrNot[isset($heat[$figure]) ? 0 : 1];
        $isFixed = array_filter($brief->control->stages, static fn ($stage): bool => $stage->decider->isFixedPair()) !== [];

        return new Spreads(
            $either('heatShare', self::HEAT), $either('coreWPerK', self::CORE), $either('airShare', self::AIR), self::FANS, self::PUMP,
            self::LOAD[isset($file['roadLoad']['massKg']) ? 0 : 1], self::THERMOSTAT_K, $isFixed ? self::FIXED_K : self::SET_K,
        );
    }
}
