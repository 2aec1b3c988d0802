<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Message\Message;

/** The drives that ship: readable data in core/data/drives, made-up but usual (common practice, no source). */
final class Drives
{
    /** @return array<string, Drive> by id */
    public static function standard(): array
    {
        $drives = [];
        foreach (glob(__DIR__.'/../../data/drives/*.json') ?: [] as $path) {
            $file = json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
            $id = basename($path, '.json');
            $columns = array_fill_keys($file['columns'], []);
            foreach ($file['rows'] as $row) {
                foreach ($file['columns'] as $at => $column) {
                    $columns[$column][] = $row[$at];
                }
            }
            $count = count($file['rows']);
            $drives[$id] = new Drive(
                $id,
                Message::of("drive.{$id}.name"),
                Message::of("drive.{$id}.description"),
                (float) $file['startsC'],
                array_map(floatval(...), $columns['timeS']),
                array_map(floatval(...), $columns['speedKmh']),
                array_map(floatval(...), $columns['engineRpm']),
                array_fill(0, $count, null),
                array_fill(0, $count, (float) $file['ambientC']),
                array_map(boolval(...), $columns['airConditioning']),
                array_map(boolval(...), $columns['key']),
                array_map(floatval(...), $columns['gradientPercent']),
            );
        }

        return $drives;
    }
}
