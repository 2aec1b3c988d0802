<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Parts\OwnPart;
use LampThread\Parts\PartField;
use LampThread\Parts\PartForm;
use LampThread\Parts\PartKind;
use LampThread\Parts\Shelf;

/**
 * The workshop's own parts as CSV (RFC 4180), one line a part, one column a rating; ratings a kind has not stay empty. Read are
 * commas, semicolons or tabs, decimal points or commas, numbers with or without their unit; written are commas and points.
 */
final readonly class OwnPartsCsv
{
    /** A shelf of more own parts than this is a catalogue, and every sizing would have to look through it. */
    public const MOST_PARTS = 2000;

    private const MOST_PROBLEMS = 100;

    public function __construct(private Shelf $shelf) {}

    /**
     * @return list<OwnPart> those the file has; one that is on the shelf by that name keeps its id
     *
     * @throws InvalidInput naming line and column of everything that is wrong; then nothing is to be taken
     */
    public function read(string $bytes): array
    {
        $table = $this->table($bytes);
        $own = $this->shelf->own;
        $byName = [];
        foreach ($own as $part) {
            $byName[self::key($part->kind, $part->name)] = $part->id;
        }
        $problems = [];
        $seen = [];
        $read = [];
        foreach ($table as $line => $row) {
            try {
                $part = $this->part($row, $byName, $own);
                $key = self::key($part->kind, $part->name);
                if (isset($seen[$key])) {
                    $problems[] = new Problem("line {$line}, name", Message::of('input.csv.name-twice', name: $part->name, line: $seen[$key]));
                }
                $seen[$key] ??= $line;
                $own[$part->id] = $read[] = $part;
            } catch (InvalidInput $unusable) {
                foreach ($unusable->problems as $problem) {
                    $problems[] = new Problem("line {$line}, ".self::column(substr($problem->at, 1)), $problem->message);
                }
            }
            if (count($problems) > self::MOST_PROBLEMS) {
                $problems[] = new Problem('', Message::of('input.csv.more-wrong', line: $line));
                break;
            }
        }

        return $problems === [] ? $read : throw new InvalidInput($problems);
    }

    /** @param  iterable<OwnPart>  $parts */
    public static function write(iterable $parts): string
    {
        $columns = self::columns();
        $rows = [array_keys($columns)];
        foreach ($parts as $part) {
            $values = ['kind' => $part->kind->value, 'name' => $part->name, 'archived' => $part->isArchived ? 'yes' : 'no', ...$part->values];
            $rows[] = array_map(static fn (string $field): string => (string) ($values[$field] ?? ''), array_values($columns));
        }

        return Csv::of($rows);
    }

    /** @return array<string, string> column to field */
    public static function columns(): array
    {
        $fields = ['kind', 'name', 'archived'];
        foreach (PartKind::cases() as $kind) {
            array_push($fields, ...array_map(static fn (PartField $field): string => $field->name, PartForm::fields($kind)));
        }
        $fields = array_values(array_unique($fields));

        return array_combine(array_map(self::column(...), $fields), $fields);
    }

    /** ‘ratedA’ is ‘rated_a’ in a file's first line. */
    private static function column(string $field): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z0-9])(?=[A-Z])/', '_', $field));
    }

    /**
     * @return array<int, array<string, string>> line to field to text
     *
     * @throws InvalidInput
     */
    private function table(string $bytes): array
    {
        $columns = self::columns();
        $lines = Csv::read($bytes, self::MOST_PARTS, count($columns));
        $fields = [];
        $problems = [];
        $header = array_key_first($lines);
        foreach ($header === null ? [] : $lines[$header] as $at => $name) {
            $name = strtolower(trim($name));
            if (! isset($columns[$name])) {
                $problems[] = new Problem('line 1', Message::of('input.csv.no-such-column', column: $name, columns: array_keys($columns)));
            } elseif (in_array($columns[$name], $fields, true)) {
                $problems[] = new Problem('line 1', Message::of('input.csv.column-twice', column: $name));
            }
            $fields[$at] = $columns[$name] ?? '';
        }
        foreach (['kind', 'name'] as $needed) {
            if ($problems === [] && ! in_array($needed, $fields, true)) {
                $problems[] = new Problem('line 1', Message::of('input.csv.column-missing', column: $needed));
            }
        }
        unset($lines[$header]);
        $table = [];
        foreach ($lines as $line => $cells) {
            if (count($cells) !== count($fields)) {
                $problems[] = new Problem("line {$line}", Message::of('input.csv.cells', cells: count($cells), wanted: count($fields)));
            } elseif ($problems === []) {
                $table[$line] = array_combine($fields, $cells);
            }
            if (count($problems) > self::MOST_PROBLEMS) {
                $problems[] = new Problem('', Message::of('input.csv.more-wrong', line: $line));
                break;
            }
        }

        return $problems === [] ? $table : throw new InvalidInput($problems);
    }

    /**
     * @param  array<string, string>  $row
     * @param  array<string, string>  $byName  key of kind and name to id
     * @param  array<string, OwnPart>  $taken
     *
     * @throws InvalidInput
     */
    private function part(array $row, array $byName, array $taken): OwnPart
    {
        $kind = PartKind::tryFrom(strtolower(trim($row['kind'])));
        if ($kind === null) {
            throw InvalidInput::at('/kind', Message::of('input.not-one-of', given: $row['kind'], options: array_column(PartKind::cases(), 'value')));
        }
        $archived = strtolower(trim($row['archived'] ?? 'no'));
        if (! in_array($archived, ['', 'yes', 'no'], true)) {
            throw InvalidInput::at('/archived', Message::of('input.not-one-of', given: $archived, options: ['yes', 'no']));
        }
        $name = trim($row['name']);
        $typed = array_filter(array_diff_key($row, ['kind' => '', 'name' => '', 'archived' => '']), static fn (string $cell): bool => trim($cell) !== '');

        return (new PartParser($this->shelf))->read(
            $byName[self::key($kind, $name)] ?? OwnPart::idFor($kind, $name, $taken),
            $kind,
            $name,
            $typed,
            $archived === 'yes',
        );
    }

    private static function key(PartKind $kind, string $name): string
    {
        return $kind->value.'/'.mb_strtolower($name);
    }
}
