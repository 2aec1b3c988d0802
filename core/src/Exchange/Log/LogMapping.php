<?php

declare(strict_types=1);

namespace LampThread\Exchange\Log;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** Which column of a file is what, and in which unit. */
final readonly class LogMapping
{
    /** @param  array<string, array{int, LogUnit}>  $columns  channel to its column, from 0, and its unit; time is among them */
    private function __construct(public array $columns) {}

    /**
     * What the header and the first rows let expect; told by hand where they do not.
     *
     * @param  list<string>  $header
     * @param  list<string>  $first  the first row
     * @return array<string, array{int, LogUnit}>
     */
    public static function guess(array $header, array $first): array
    {
        $small = array_map(static fn (string $name): string => mb_strtolower(str_replace('_', ' ', trim($name))), $header);
        $taken = [];
        $columns = [];
        $words = array_combine(array_column(LogChannel::cases(), 'value'), array_map(static fn (LogChannel $channel): array => $channel->words(), LogChannel::cases()));
        for ($rank = 0; $rank < max(array_map(count(...), $words)); $rank++) {
            foreach (LogChannel::cases() as $channel) {
                $word = $words[$channel->value][$rank] ?? null;
                if ($word === null || isset($columns[$channel->value])) {
                    continue;
                }
                foreach ($small as $at => $name) {
                    if (! isset($taken[$at]) && str_contains($name, $word)) {
                        $taken[$at] = true;
                        $columns[$channel->value] = [$at, self::unit($channel, mb_strtolower($header[$at]), $first[$at] ?? '')];
                        break;
                    }
                }
            }
        }

        return $columns;
    }

    /**
     * @param  list<string>  $header
     * @param  array<array-key, array<mixed>>  $told  channel to column and unit, as it came in
     *
     * @throws InvalidInput naming the channel
     */
    public static function read(array $header, array $told): self
    {
        $problems = [];
        $columns = [];
        foreach ($told as $name => $one) {
            $channel = LogChannel::tryFrom((string) $name);
            $unit = is_string($one['unit'] ?? null) ? LogUnit::tryFrom($one['unit']) : null;
            $column = $one['column'] ?? null;
            if ($channel === null || ! is_int($column) || ! isset($header[$column])) {
                $problems[] = new Problem("/mapping/{$name}", Message::of('input.log.no-such-column', columns: $header));
            } elseif ($unit === null || ! in_array($unit, $channel->units(), true)) {
                $problems[] = new Problem("/mapping/{$name}/unit", Message::of('input.log.no-such-unit'));
            } elseif (in_array($column, array_column($columns, 0), true)) {
                $problems[] = new Problem("/mapping/{$name}", Message::of('input.log.column-twice', column: $header[$column]));
            } else {
                $columns[$name] = [$column, $unit];
            }
        }
        foreach ([LogChannel::Time, LogChannel::Coolant] as $needed) {
            if (! isset($told[$needed->value])) {
                $problems[] = new Problem("/mapping/{$needed->value}", Message::of("input.log.needs-{$needed->value}"));
            }
        }

        return $problems === [] ? new self($columns) : throw new InvalidInput($problems);
    }

    private static function unit(LogChannel $channel, string $header, string $value): LogUnit
    {
        if ($channel === LogChannel::Time && ! is_numeric(str_replace(',', '.', $value))) {
            return preg_match('/^\s*\d{1,2}:\d/', $value) === 1 ? LogUnit::Clock : LogUnit::Date;
        }
        foreach ($channel->units() as $unit) {
            if ($unit !== LogUnit::Clock && $unit !== LogUnit::Date && $unit->isNamed($header)) {
                return $unit;
            }
        }

        return $channel->units()[0];
    }
}
