<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Stage;

/** The decider of a stage with all it can do: the brief knows it by what it tells of temperatures only. */
final class DeciderOf
{
    public static function stage(Stage $stage): Decider
    {
        return $stage->decider instanceof Decider ? $stage->decider : throw new \LogicException('This decider can only be read about.');
    }
}
