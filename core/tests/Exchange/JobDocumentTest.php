<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Brief\Changes;
use LampThread\Exchange\JobDocument;
use LampThread\Message\InvalidInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class JobDocumentTest extends TestCase
{
    private const FILE = [
        'job' => ['title' => 'a'],
        'fans' => [['runA' => 5, 'startA' => 15]],
        'runs' => [],
        'pinned' => ['coil-fuse' => 'blade-3'],
    ];

    public function test_a_place_is_set_and_the_rest_stays(): void
    {
        $changed = JobDocument::of(self::FILE)->with(Changes::of([
            '/fans/0/runA' => 7,
            '/job/title' => 'b',
        ]))->file;

        self::assertSame(7, $changed['fans'][0]['runA']);
        self::assertSame(15, $changed['fans'][0]['startA']);
        self::assertSame('b', $changed['job']['title']);
        self::assertSame(self::FILE['pinned'], $changed['pinned']);
    }

    public function test_runs_and_pins_come_into_being_and_go(): void
    {
        $with = JobDocument::of(self::FILE)->with(Changes::of(['/runs/dash/lengthM' => 2.0]))->file;
        self::assertSame(['dash' => ['lengthM' => 2.0]], $with['runs']);

        $without = JobDocument::of(self::FILE)->with(Changes::of(['/pinned/coil-fuse' => null]))->file;
        self::assertSame([], $without['pinned']);
    }

    public function test_null_elsewhere_is_a_value(): void
    {
        $changed = JobDocument::of(self::FILE)->with(Changes::of(['/fans/0/startA' => null]))->file;

        self::assertArrayHasKey('startA', $changed['fans'][0]);
        self::assertNull($changed['fans'][0]['startA']);
    }

    public function test_escaped_slashes_are_part_of_a_name(): void
    {
        $changed = JobDocument::of(self::FILE)->with(Changes::of(['/pinned/a~1b~0c' => 'x']))->file;

        self::assertSame('x', $changed['pinned']['a/b~c']);
    }

    #[TestWith([''])]
    #[TestWith(['fans'])]
    #[TestWith(['/fans/4/runA'])]
    #[TestWith(['/nowhere/at/all'])]
    #[TestWith(['/job/title/first/letter'])]
    public function test_a_place_that_is_not_there_is_named(string $pointer): void
    {
        try {
            JobDocument::of(self::FILE)->with(Changes::of([$pointer => 1]))->file;
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertSame($pointer, $unusable->problems[0]->at);
        }
    }
}
