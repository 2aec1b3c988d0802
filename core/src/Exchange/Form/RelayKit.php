<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\Brief;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Parts\CableCatalogue;

/** A relay that comes with its fuse and its own loom: wires that are there already, parts that are pinned, all to be told otherwise. */
final class RelayKit
{
    /** What the usual one has (common practice, no source): size by catalogue, fuse, relay by system voltage. */
    private const FUSE = 'cartridge-20';

    private const RELAYS = [6 => 'mini-40-6v', 12 => 'mini-40-12v', 24 => 'mini-30-24v'];

    private const STRETCHES = [Stretch::BatteryToFuse, Stretch::FuseToRelay, Stretch::RelayToFan, Stretch::FanToEarth];

    /** @param  array<string, array<string, mixed>>  $runs  as the job file has them */
    public static function isIn(Stage $stage, array $runs): bool
    {
        foreach (self::names($stage) as $name) {
            if (! isset($runs[$name]['conductor'])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<string, array<string, mixed>>  $runs
     * @param  bool  $isTaken  whether it comes in or goes out
     * @return array<string, mixed> place of the job file to its new value
     */
    public static function changes(Stage $stage, Brief $brief, array $runs, bool $isTaken): array
    {
        $changes = [];
        $wire = match ($brief->wiring->catalogue) {
            CableCatalogue::Metric => 'metric-2.5',
            CableCatalogue::Awg => 'awg-14',
            CableCatalogue::Sae => 'sae-14',
        };
        foreach (self::names($stage) as $name) {
            if ($isTaken) {
                $changes["/runs/{$name}"] = [...$runs[$name] ?? [], 'conductor' => $wire];
            } elseif (isset($runs[$name])) {
                $changes["/runs/{$name}/conductor"] = null;
            }
        }
        foreach ($stage->fanIds as $fanId) {
            $changes["/pinned/{$fanId}-fuse"] = $isTaken ? self::FUSE : null;
            $changes["/pinned/{$fanId}-relay"] = $isTaken ? self::RELAYS[$brief->supply->systemV] : null;
        }

        return $changes;
    }

    /** @return list<string> of the stretches it brings, for each of its fans */
    private static function names(Stage $stage): array
    {
        $names = [];
        foreach ($stage->fanIds as $fanId) {
            foreach (self::STRETCHES as $stretch) {
                $names[] = $stretch->in("{$fanId}-wire");
            }
        }

        return $names;
    }
}
