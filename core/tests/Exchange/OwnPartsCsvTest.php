<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\OwnPartsCsv;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Parts\OwnPart;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A workshop's parts to and from a spreadsheet. */
final class OwnPartsCsvTest extends TestCase
{
    private const HEAD = 'kind,name,price,family,rated_a,cold_milliohm';

    private const LINE = 'fuse,Bay fuse,1.2,blade,27,2.1';

    /** @return iterable<string, array{string}> */
    public static function spellings(): iterable
    {
        $plain = self::HEAD."\n".self::LINE."\n";
        yield 'commas and points' => [$plain];
        yield 'semicolons and decimal commas' => [strtr($plain, [',' => ';', '.' => ','])];
        yield 'tabs' => [str_replace(',', "\t", $plain)];
        yield 'units in the cells' => [str_replace(',27,2.1', ',27 A,0.0021 ohm', $plain)];
        yield 'Windows line ends, empty lines' => ["\r\n".str_replace("\n", "\r\n", $plain)."\r\n\r\n"];
        yield 'quotes' => [self::HEAD."\n".'"fuse","Bay fuse","1,2","blade",27,2.1'];
        yield 'UTF-8 with its mark' => ["\xEF\xBB\xBF".$plain];
        yield 'the line ends of old Macintoshes' => [str_replace("\n", "\r", $plain)];
        yield 'UTF-16 without its mark' => [mb_convert_encoding($plain, 'UTF-16BE', 'UTF-8')];
        yield 'UTF-16' => ["\xFF\xFE".mb_convert_encoding($plain, 'UTF-16LE', 'UTF-8')];
        yield 'columns in another order' => ["Name,kind,rated_a,family,cold_milliohm,price\nBay fuse,FUSE,27,blade,2.1,1.2"];
    }

    #[DataProvider('spellings')]
    public function test_every_usual_spelling_reads_the_same(string $csv): void
    {
        $parts = (new OwnPartsCsv(Orchard::shelf()))->read($csv);

        self::assertCount(1, $parts);
        self::assertSame('Bay fuse', $parts[0]->name);
        self::assertEquals(['price' => 1.2, 'family' => 'blade', 'ratedA' => 27.0, 'coldMilliohm' => 2.1], $parts[0]->values);
    }

    public function test_what_is_written_reads_back_the_same(): void
    {
        $csv = self::HEAD.",coil_v,coil_ohm,pull_in_v,drop_out_v,make_a,rest_a,inrush_a,contact_milliohm,rated_at_c,max_ambient_c,rated_operations,suppression,archived\n"
            .self::LINE.str_repeat(',', 13)."\n"
            .'relay,"=Cheap, ""strong"" relay",3,,,,12,80,7.5,1.5,50,,150,2,85,125,100000,diode,yes';
        $parts = (new OwnPartsCsv(Orchard::shelf()))->read($csv);
        $written = OwnPartsCsv::write($parts);

        self::assertEquals($parts, (new OwnPartsCsv(Orchard::shelf()))->read($written));
        self::assertStringContainsString("\"'=Cheap", $written, 'no spreadsheet takes it for a formula');
        self::assertTrue($parts[1]->isArchived);
    }

    public function test_a_name_that_is_there_is_changed_and_keeps_its_id(): void
    {
        $shelf = Orchard::shelf()->with((new OwnPartsCsv(Orchard::shelf()))->read(self::HEAD."\n".self::LINE));
        $parts = (new OwnPartsCsv($shelf))->read(self::HEAD."\nfuse,bay FUSE,9,blade,28,2\nfuse,Other,1,blade,3,20");

        self::assertSame(['own-fuse-bay-fuse', 'own-fuse-other'], array_map(static fn (OwnPart $part): string => $part->id, $parts));
        self::assertSame(28.0, $parts[0]->values['ratedA']);
    }

    /** @return iterable<string, array{string, list<string>}> the file and what is said, place first */
    public static function unusable(): iterable
    {
        $head = self::HEAD."\n";
        yield 'empty' => ["\n \n", ['the file: is empty']];
        yield 'other separators' => [strtr($head.self::LINE, ',', '|'), ['line 1: ‘kind|name']];
        yield 'unknown column' => ["kind,name,colour\n", ['line 1: ‘colour’ is no column']];
        yield 'column twice' => ["kind,name,price,price\n", ['line 1: the column ‘price’ stands there twice']];
        yield 'no kind' => ["name,price\nx,1", ['line 1: the column ‘kind’ is missing']];
        yield 'too few cells' => [$head."fuse,A,1\n", ['line 2: has 3 cells, the first line has 6']];
        yield 'decimal commas among commas' => [$head.'fuse,A,1,2,blade,27,2,1', ['line 2: has 8 cells']];
        yield 'nothing but separators' => [$head.str_repeat(',', 3_000_000), ['line 2: has far more cells']];
        yield 'kind' => [$head.'relais,A,1,blade,27,2', ['line 2, kind: ‘relais’ must be one of fuse, relay, terminal, cable']];
        yield 'archived' => ["kind,name,archived\nfuse,A,maybe", ['line 2, archived: ‘maybe’ must be one of yes, no']];
        yield 'another encoding' => [$head."fuse,Bay fuse,1,blade,27,2\nfuse,M\xFCller,1,blade,27,2", ['line 3: has letters in another encoding']];
        yield 'several lines' => [
            $head."fuse,A,1,blade,-3,2\n\nfuse,B,x,glass,27,2\nfuse,A,1,blade,30,2",
            ['line 2, rated_a: must be from', 'line 4, price: ‘x’', 'line 4, family: ‘glass’'],
        ];
        yield 'the same name twice' => [$head.self::LINE."\n".self::LINE, ['line 3, name: ‘Bay fuse’ stands in line 2 already']];
        yield 'a quoted line break before' => [$head."\"fuse\",\"Two\nlines\",1,blade,27,2\nfuse,B,1,blade,0,2", ['line 4, rated_a: must be from']];
    }

    /** @param  list<string>  $says */
    #[DataProvider('unusable')]
    public function test_what_is_wrong_is_named_with_line_and_column(string $csv, array $says): void
    {
        $problems = $this->problems($csv);

        self::assertCount(count($says), $problems);
        foreach ($says as $at => $start) {
            self::assertSame($start, mb_substr(Wording::english()->line($problems[$at]), 0, mb_strlen($start)));
        }
    }

    public function test_a_hundred_thousand_lines_are_refused_with_their_number(): void
    {
        $csv = self::HEAD."\n".str_repeat(self::LINE."\n", 100_000);

        self::assertEquals(Message::of('input.csv.too-many-rows', rows: 100_001, most: 2000), $this->problems($csv)[0]->message);
        $wrong = $this->problems(self::HEAD."\n".str_repeat("fuse\n", 1900));
        self::assertCount(102, $wrong);
        self::assertEquals(Message::of('input.csv.more-wrong', line: 102), $wrong[101]->message);
    }

    /** @return list<Problem> */
    private function problems(string $csv): array
    {
        try {
            (new OwnPartsCsv(Orchard::shelf()))->read($csv);
        } catch (InvalidInput $unusable) {
            return $unusable->problems;
        }

        self::fail('It was taken.');
    }
}
