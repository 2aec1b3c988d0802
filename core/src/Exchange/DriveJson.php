<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Road\Drive;

/** An imported drive as it is stored: fits schema/drive.json. */
final readonly class DriveJson
{
    private const NUMBERS = ['timesS', 'speedsKmh', 'enginesRpm', 'loads', 'ambientsC'];

    private const FLAGS = ['airConditioning', 'keysOn'];

    public function __construct(private Schema $schema) {}

    public static function encode(Drive $drive): string
    {
        $columns = ['startsC' => $drive->startsC];
        foreach ([...self::NUMBERS, ...self::FLAGS] as $column) {
            $columns[$column] = $drive->{$column};
        }

        return json_encode($columns, JSON_THROW_ON_ERROR);
    }

    /** @throws InvalidInput where it is not one */
    public function decode(string $json, string $id, string $name): Drive
    {
        $data = json_decode($json);
        $this->schema->check('drive', $data);
        $counts = array_map(static fn (string $column): int => count($data->{$column}), [...self::NUMBERS, ...self::FLAGS]);
        if (count(array_unique($counts)) !== 1) {
            throw InvalidInput::at('', Message::of('input.drive.columns-differ'));
        }
        $numbers = array_map(static fn (string $column): array => array_values(array_map(floatval(...), $data->{$column})), self::NUMBERS);

        return new Drive(
            $id, Message::verbatim($name), Message::of('drive.imported.description'), (float) $data->startsC, ...$numbers, ...[$data->airConditioning, $data->keysOn],
        );
    }
}
