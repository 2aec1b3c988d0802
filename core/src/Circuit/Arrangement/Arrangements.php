<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Brief;

/** Which control ideas a brief calls for, in the order they are laid. */
final class Arrangements
{
    /** @return list<Arrangement> */
    public static function of(Brief $brief): array
    {
        $arrangements = [new VehicleSupply];
        foreach ($brief->control->stages as $stage) {
            $arrangements[] = new RelayedFan($stage);
            $line = new TriggerLine($stage);
            $arrangements[] = $line;
            $arrangements[] = new ThermalSwitchDecider($stage, $line);
            if ($brief->control->override !== null) {
                $arrangements[] = new ForceOnOverride($brief->control->override, $line);
            }
        }

        return $arrangements;
    }
}
