<?php

declare(strict_types=1);

namespace LampThread\Exchange;

/** Comma-separated values as RFC 4180 has them. */
final class Csv
{
    /** @param  iterable<list<string>>  $rows */
    public static function of(iterable $rows): string
    {
        $csv = '';
        foreach ($rows as $row) {
            $csv .= implode(',', array_map(self::cell(...), $row))."\r\n";
        }

        return $csv;
    }

    /** @return array<int, list<string>> line of the text a row starts in to its cells; empty lines are left out */
    public static function read(string $text, string $separator): array
    {
        $stream = fopen('php://memory', 'r+');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        $line = 1;
        $from = 0;
        while (($cells = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $to = (int) ftell($stream);
            if ($cells !== [null]) {
                $rows[$line] = array_map(static fn (?string $cell): string => (string) preg_replace("/^'(?=[=@+-])/", '', (string) $cell), $cells);
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
        $text = preg_match('/^[=@]|^[+-](?![\d.])/', $text) ? "'{$text}" : $text;

        return preg_match('/[",;\r\n\t]/', $text) ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
