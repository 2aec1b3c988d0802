<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Exchange\Csv;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Exchange\Wording;
use LampThread\Operation\Solver;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What leaves for other programs is what they can read. */
final class ExportsTest extends TestCase
{
    private const TITLE = 'Sprayer "two" & <three>';

    public function test_a_title_is_text_in_an_svg_whatever_is_in_it(): void
    {
        $svg = simplexml_load_string(ThreadsSvg::of(Orchard::sizing(['/job/title' => self::TITLE]), Wording::english()));

        self::assertNotFalse($svg);
        self::assertSame(self::TITLE, (string) $svg->title);
    }

    public function test_every_wire_is_drawn_with_its_length(): void
    {
        $sizing = Orchard::sizing();
        $svg = simplexml_load_string(ThreadsSvg::of($sizing, Wording::english()));
        self::assertNotFalse($svg);
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $texts = array_count_values(array_map('strval', $svg->xpath('//s:text') ?: []));
        $lengths = array_count_values(array_map(static fn ($wire): string => sprintf('%g m', $wire->segment->lengthM), $sizing->circuit->wires));
        foreach ($lengths as $length => $times) {
            self::assertSame($times, $texts[$length] ?? 0, $length);
        }
    }

    public function test_the_drawing_lies_inside_its_page(): void
    {
        $svg = simplexml_load_string(ThreadsSvg::of(Orchard::sizing(), Wording::english()));
        self::assertNotFalse($svg);
        [$left, $top, $width, $height] = array_map(intval(...), explode(' ', (string) $svg['viewBox']));
        foreach ($svg->text as $text) {
            self::assertGreaterThan($left, (int) $text['x']);
            self::assertLessThan($left + $width, (int) $text['x']);
            self::assertGreaterThan($top, (int) $text['y']);
            self::assertLessThan($top + $height, (int) $text['y']);
        }
    }

    /** The title comes first in SPICE and is never read as a line of the circuit. */
    public function test_a_netlist_is_one_title_then_elements_each_of_its_own_name(): void
    {
        $point = (new Solver(Orchard::sizing()->circuit))->settle(new OperatingConditions(Key::Run, 850, 95));
        $lines = explode("\n", rtrim(SpiceNetlist::of($point, "two\n.end\nlines")));
        self::assertSame('* two .end lines, one settled state', $lines[0]);
        self::assertSame('.end', $lines[count($lines) - 1]);

        $names = array_map(
            static fn (string $line): string => strtolower(explode(' ', $line)[0]),
            array_filter($lines, static fn (string $line): bool => ! in_array($line[0], ['*', '.'], true)),
        );
        self::assertSame(count($names), count(array_unique($names)));
    }

    /** Every node of a netlist has a way to node 0, or SPICE would refuse it. */
    public function test_no_node_of_a_netlist_floats(): void
    {
        $point = (new Solver(Orchard::sizing()->circuit))->settle(new OperatingConditions(Key::Off));
        $netlist = SpiceNetlist::of($point, 'key out');
        foreach ($point->elements() as $element) {
            foreach ([$element->from(), $element->to()] as $terminal) {
                if ($terminal !== Rail::EARTH) {
                    $node = SpiceNetlist::node($terminal);
                    self::assertStringContainsString("Rleak_{$node} {$node} 0 ", $netlist);
                }
            }
        }
    }

    /** @return iterable<string, array{string, string}> cell and how it is written */
    public static function cells(): iterable
    {
        yield 'plain' => ['6 mm²', '6 mm²'];
        yield 'a comma' => ['1,5', '"1,5"'];
        yield 'a quote' => ['9" fan', '"9"" fan"'];
        yield 'two lines' => ["a\nb", "\"a\nb\""];
        yield 'a semicolon, for those who separate with it' => ['a;b', '"a;b"'];
        yield 'a formula' => ['=1+1', "'=1+1"];
        yield 'a formula by address' => ['@A1', "'@A1"];
        yield 'a negative number is one' => ['-12.5', '-12.5'];
        yield 'a dash that is none' => ['-none', "'-none"];
        yield 'a formula that starts with a number' => ['-2+3+cmd|x', "'-2+3+cmd|x"];
        yield 'a sum' => ['+1+1*A1', "'+1+1*A1"];
        yield 'a small number' => ['-1.5e-3', '-1.5e-3'];
        yield 'nothing' => ['', ''];
    }

    /** RFC 4180, and what a spreadsheet would run is not run. */
    #[DataProvider('cells')]
    public function test_a_cell_is_written_so_that_it_reads_back(string $cell, string $written): void
    {
        $csv = Csv::of([['head', 'x'], [$cell, 'x']]);

        self::assertSame("head,x\r\n{$written},x\r\n", $csv);
        self::assertSame([1 => ['head', 'x'], 2 => [$cell, 'x']], Csv::read($csv, 5, 2));
    }

    public function test_rows_know_the_line_they_start_in(): void
    {
        self::assertSame([1 => ['a', "b\nc"], 4 => ['d', 'e']], Csv::read("a,\"b\nc\"\n\nd,e\n", 5, 2));
    }
}
