<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;

/** The override of a job with all it can do: the brief knows only what it may do to the fan. */
final class OverrideOf
{
    public static function control(Control $control): ?Override
    {
        if ($control->override === null) {
            return null;
        }

        return $control->override instanceof Override ? $control->override : throw new \LogicException('This override can only be read about.');
    }
}
