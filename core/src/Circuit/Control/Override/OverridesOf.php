<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Override as OverrideOfBrief;
use LampThread\Brief\Stage;

/** The overrides of a job with all they can do: the brief knows only what they may do to the fans. */
final class OverridesOf
{
    /** @return list<Override> */
    public static function control(Control $control): array
    {
        return array_map(
            static fn (OverrideOfBrief $override): Override => $override instanceof Override
                ? $override
                : throw new \LogicException('This override can only be read about.'),
            $control->overrides,
        );
    }

    /** @return list<Override> that act on a stage */
    public static function stage(Stage $stage, Control $control): array
    {
        return array_values(array_filter(self::control($control), static fn (Override $override): bool => $override->concerns($stage, $control)));
    }
}
