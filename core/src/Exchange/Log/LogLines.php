<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/**
 * The lines of a log as they stream in, cut into cells. Commas, semicolons or tabs; a comma can be the decimal sign behind the other two. What
 * a device writes about itself before the names of the columns is passed over; a line of units below them is read with them.
 */
final class LogLines
{
    private const DELIMITERS = [';', "\t", ','];

    private const LONGEST_LINE = 8192;

    /** Lines before the names at most. */
    private const LONGEST_PREAMBLE = 60;

    /** @var list<string> */
    public readonly array $header;

    /** Of the line that was read last, from 1. */
    public int $line = 0;

    private readonly string $delimiter;

    /** @var list<string>|null the first row, read to see whether it holds units */
    private ?array $waiting = null;

    /**
     * @param  resource  $stream
     *
     * @throws InvalidInput where it has no header
     */
    public function __construct(private $stream)
    {
        $names = $this->names();
        $counts = self::counted($names);
        $this->delimiter = self::DELIMITERS[(int) array_search(max($counts), $counts, true)];
        $header = $this->cells($names);
        $second = $this->next();
        if ($second === null || self::hasNumber($second)) {
            $this->waiting = $second;
            $this->header = $header;
        } else {
            $this->header = array_map(static fn (string $name, int $at): string => trim($name.' '.mb_scrub($second[$at] ?? '')), $header, array_keys($header));
        }
    }

    /** @return list<string>|null null at the end; empty lines are passed over */
    public function next(): ?array
    {
        if ($this->waiting !== null) {
            [$cells, $this->waiting] = [$this->waiting, null];

            return $cells;
        }
        while (($line = fgets($this->stream, self::LONGEST_LINE)) !== false) {
            $this->line++;
            if ($line !== "\n" && $line !== "\r\n") {
                return $this->cells($line);
            }
        }

        return null;
    }

    /** @throws InvalidInput */
    private function names(): string
    {
        while ($this->line < self::LONGEST_PREAMBLE && ($line = fgets($this->stream, self::LONGEST_LINE)) !== false) {
            $this->line++;
            if (str_contains($line, "\0")) {
                throw InvalidInput::at("line {$this->line}", Message::of('input.log.no-text'));
            }
            $text = mb_check_encoding($line, 'UTF-8') ? $line : mb_convert_encoding($line, 'UTF-8', 'Windows-1252');
            $text = (string) preg_replace('/^\x{FEFF}/u', '', $text);
            // Spreadsheets write ‘sep=;’ before the names; loggers write remarks.
            if (preg_match('/^\s*(sep=|#|\/\/)/i', $text) !== 1 && max(self::counted($text)) > 0 && trim($text, ";,\t \r\n") !== '') {
                return $text;
            }
        }
        throw InvalidInput::at('line '.max(1, $this->line), Message::of($this->line === 0 ? 'input.log.no-header' : 'input.log.one-column'));
    }

    /** @return non-empty-list<int> how often each delimiter is in a line */
    private static function counted(string $line): array
    {
        return array_map(static fn (string $delimiter): int => substr_count($line, $delimiter), self::DELIMITERS);
    }

    /** @param  list<string>  $cells */
    private static function hasNumber(array $cells): bool
    {
        return array_filter($cells, static fn (string $cell): bool => preg_match('/^\s*[-+]?[.,]?\d/', $cell) === 1) !== [];
    }

    /** A number as it stands in a cell; null where there is none. */
    public function number(string $cell): ?float
    {
        if (is_numeric($cell)) {
            $number = (float) $cell;
        } else {
            $text = trim($cell);
            if ($this->delimiter !== ',') {
                $text = str_replace(',', '.', $text);
            }
            $number = is_numeric($text) ? (float) $text : INF;
        }

        return is_finite($number) ? $number : null;
    }

    /** @return list<string> */
    private function cells(string $line): array
    {
        $line = rtrim($line, "\r\n");

        return str_contains($line, '"')
            ? array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $this->delimiter, '"', ''))
            : explode($this->delimiter, $line);
    }
}
