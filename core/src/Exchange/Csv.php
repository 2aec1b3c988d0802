<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/**
 * Comma-separated values as RFC 4180 has them, read with PHP's own reader. Read are also semicolons and tabs, UTF-8 with and without its
 * mark, UTF-16, and the line ends of every system; written are commas and UTF-8.
 */
final class Csv
{
    public const MOST_BYTES = 4_000_000;

    private const SEPARATORS = [',', ';', "\t"];

    /** @param  iterable<list<string>>  $rows */
    public static function of(iterable $rows): string
    {
        $csv = '';
        foreach ($rows as $row) {
            $csv .= implode(',', array_map(self::cell(...), $row))."\r\n";
        }

        return $csv;
    }

    /**
     * @param  int  $mostRows  without the first line
     * @param  int  $mostCells  in a row
     * @return array<int, list<string>> line of the text a row starts in to its cells; empty lines are left out
     *
     * @throws InvalidInput where it is longer than that, or no text
     */
    public static function read(string $bytes, int $mostRows, int $mostCells): array
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::at('', Message::of('input.csv.too-long', megabytes: round(strlen($bytes) / 1e6, 1), most: self::MOST_BYTES / 1e6));
        }
        $text = str_replace(["\r\n", "\r"], "\n", self::text($bytes));
        if (substr_count($text, "\n") > 2 * $mostRows + 2) {
            throw InvalidInput::at('', Message::of('input.csv.too-many-rows', rows: substr_count($text, "\n"), most: $mostRows));
        }
        $rows = self::rows($text, self::separator($text), $mostCells);

        return count($rows) <= $mostRows + 1 ? $rows : throw InvalidInput::at(
            '', Message::of('input.csv.too-many-rows', rows: count($rows) - 1, most: $mostRows),
        );
    }

    /** @throws InvalidInput */
    private static function text(string $bytes): string
    {
        $isWide = static fn (int $odd): bool => strlen($bytes) > 3 && $bytes[$odd] === "\0" && $bytes[$odd + 2] === "\0";
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            $isWide(1) => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16LE'),
            $isWide(0) => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16BE'),
            default => $bytes,
        };
        if (! mb_check_encoding($text, 'UTF-8')) {
            foreach (explode("\n", $text) as $at => $line) {
                if (! mb_check_encoding($line, 'UTF-8')) {
                    throw InvalidInput::at('line '.($at + 1), Message::of('input.csv.encoding'));
                }
            }
        }

        return trim((string) $text) === '' ? throw InvalidInput::at('', Message::of('input.csv.empty')) : (string) $text;
    }

    /** What parts the cells of the first line: whichever stands there most. */
    private static function separator(string $text): string
    {
        $first = strtok($text, "\n") ?: '';
        $counts = array_map(static fn (string $separator): int => substr_count($first, $separator), self::SEPARATORS);

        return self::SEPARATORS[(int) array_search(max($counts), $counts, true)];
    }

    /** @return array<int, list<string>> */
    private static function rows(string $text, string $separator, int $mostCells): array
    {
        $stream = fopen('php://memory', 'r+');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        $line = 1;
        $from = 0;
        while (! feof($stream)) {
            // A line of nothing but separators would become a list of a hundred times its size.
            $at = (int) ftell($stream);
            $isCrowded = substr_count($text, $separator, $at, max(0, (strpos($text, "\n", min($at, strlen($text))) ?: strlen($text)) - $at)) > 10 * $mostCells;
            $cells = $isCrowded ? throw InvalidInput::at("line {$line}", Message::of('input.csv.too-many-cells', most: $mostCells))
                : fgetcsv($stream, null, $separator, '"', '');
            if ($cells === false) {
                break;
            }
            $to = (int) ftell($stream);
            if ($cells !== [null]) {
                $rows[$line] = array_map(static fn (?string $cell): string => (string) preg_replace("/^'(?=[=@+\-\t\r])/", '', (string) $cell), $cells);
            }
            $line += substr_count($text, "\n", $from, min($to, strlen($text)) - $from);
            $from = $to;
        }
        fclose($stream);

        return $rows;
    }

    /** A spreadsheet would take a text that starts like a formula for one; an apostrophe before it is left out again when it is read. */
    private static function cell(string $text): string
    {
        $isNumber = preg_match('/^[+-]?\d*[.,]?\d+(e[+-]?\d+)?$/i', $text) === 1;
        $text = ! $isNumber && preg_match("/^[=@+\-\t\r]/", $text) === 1 ? "'{$text}" : $text;

        return preg_match('/[",;\r\n\t]/', $text) ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
