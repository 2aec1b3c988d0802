<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Road\Drive;

/** An imported drive as it is stored: fits schema/drive.json. */
final readonly class DriveJson
{
    private const COLUMNS = ['timesS', 'speedsKmh', 'enginesRpm', 'loads', 'ambientsC', 'airConditioning', 'keysOn', 'gradientsPercent'];

    public function __construct(private Schema $schema) {}

    public static function encode(Drive $drive): string
    {
        $columns = ['startsC' => $drive->startsC, 'trailerKg' => $drive->trailerKg];
        foreach (self::COLUMNS as $column) {
            $columns[$column] = $drive->{$column};
        }

        return json_encode($columns, JSON_THROW_ON_ERROR);
    }

    /** @throws InvalidInput where it is not one */
    public function decode(string $json, string $id, string $name): Drive
    {
        $data = json_decode($json);
        $this->schema->check('drive', $data);
        $data->gradientsPercent ??= array_fill(0, count($data->timesS), 0.0);
        if (count(array_unique(array_map(static fn (string $column): int => count($data->{$column}), self::COLUMNS))) !== 1) {
            throw InvalidInput::at('', Message::of('input.drive.columns-differ'));
        }
        $numbers = static fn (string $column): array => array_values(array_map(floatval(...), $data->{$column}));

        return new Drive(
            $id, Message::verbatim($name), Message::of('drive.imported.description'), (float) $data->startsC, $numbers('timesS'), $numbers('speedsKmh'),
            $numbers('enginesRpm'), array_values(array_map(static fn (int|float|null $load): ?float => $load === null ? null : (float) $load, $data->loads)),
            $numbers('ambientsC'), $data->airConditioning, $data->keysOn, $numbers('gradientsPercent'), (float) ($data->trailerKg ?? 0.0),
        );
    }
}
