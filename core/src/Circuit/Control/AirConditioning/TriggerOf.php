<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;

/** The air-conditioning trigger of a job with all it can do: the brief knows only where it asks. */
final class TriggerOf
{
    public static function control(Control $control): ?Trigger
    {
        $trigger = $control->airConditioning?->trigger;
        if ($trigger === null) {
            return null;
        }

        return $trigger instanceof Trigger ? $trigger : throw new \LogicException('This trigger can only be read about.');
    }
}
