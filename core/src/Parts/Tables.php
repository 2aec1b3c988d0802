<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;
use LampThread\Message\Unit;

/** The standards' tables the sizes are taken from, to be read beside the parts. */
final class Tables
{
    /** @return list<Table> */
    public static function of(Shelf $shelf): array
    {
        $tables = [];
        foreach (CableCatalogue::cases() as $catalogue) {
            $about = self::file("conductors/{$catalogue->value}");
            $tables[] = new Table(Message::verbatim($about['name']), $about['source'], self::columns('size', 'area', 'resistance'), array_map(
                static fn (array $size): array => [$size['designation'], self::digits($size['areaMm2']), self::digits($size['milliohmPerM'])],
                array_values($about['sizes']),
            ));
        }
        $ampacity = self::file('conductors/ampacity');
        $tables[] = new Table(Message::of('table.ampacity'), $ampacity['source'], self::columns('awg', 'ampacity'), array_map(
            static fn (array $row): array => [(string) $row['awg'], self::digits($row['ampacityA'])],
            array_values($ampacity['rows']),
        ));
        $gates = self::file('parts/fuse-gates');
        foreach ($shelf->gates as $family) {
            $source = "{$family->standard}; {$gates['source']}";
            $name = Message::of('table.fuse-gates', family: $family->name, breaks: Unit::Ampere->of($family->breakingA));
            $tables[] = new Table($name, $source, self::columns('of-rating', 'holds', 'opens'), array_map(
                static fn (array $gate): array => [
                    self::digits(100 * $gate['multiple']).' %', self::digits($gate['leastS']),
                    $gate['mostS'] === null ? Message::of('table.need-not-open') : self::digits($gate['mostS']),
                ],
                $family->gates,
            ));
        }

        return $tables;
    }

    /** Where the ratings of the parts that ship come from. */
    public static function source(PartKind $kind): string
    {
        return match ($kind) {
            PartKind::Fuse => self::file('parts/fuses')['source'],
            PartKind::Relay => self::file('parts/relays')['source'],
            PartKind::Terminal => self::file('parts/terminals')['source'],
            PartKind::Switch => self::file('parts/switches')['source'],
            PartKind::Cable => self::file('conductors/metric')['source'],
        };
    }

    /** @return non-empty-list<Message> */
    private static function columns(string $first, string ...$others): array
    {
        return array_values(array_map(static fn (string $column): Message => Message::of("table.column.{$column}"), [$first, ...$others]));
    }

    private static function digits(float $number): string
    {
        return (string) round($number, 3);
    }

    /** @return array<string, mixed> */
    private static function file(string $name): array
    {
        return json_decode((string) file_get_contents(__DIR__."/../../data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
    }
}
