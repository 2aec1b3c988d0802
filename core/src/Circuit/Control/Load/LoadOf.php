<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Decider\DeciderOf;

/** How the fans of a stage are fed: as what decides has it. */
final class LoadOf
{
    public static function stage(Stage $stage): Load
    {
        return DeciderOf::stage($stage)->load($stage);
    }
}
