<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\Schema;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is said of data that does not fit, word for word. */
final class SchemaTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function misfits(): iterable
    {
        yield 'too small' => [
            ['/fans/0/runA' => -1],
            '/fans/0/runA: must be at least 0.2, not -1.',
        ];
        yield 'too large' => [
            ['/cooling/glycolPercent' => 90],
            '/cooling/glycolPercent: must be at most 70, not 90.',
        ];
        yield 'text for a number' => [
            ['/supply/batteryAh' => 'big'],
            '/supply/batteryAh: must be number, not ‘big’.',
        ];
        yield 'a number for text' => [
            ['/job/title' => 7],
            '/job/title: must be string, not 7.',
        ];
        yield 'nothing for text' => [
            ['/job/title' => ''],
            '/job/title: must not be empty.',
        ];
        yield 'too long a text' => [
            ['/job/title' => str_repeat('a', 121)],
            '/job/title: is longer than 120 characters.',
        ];
        yield 'not one of a few' => [
            ['/fans/0/mount' => 'sideways'],
            '/fans/0/mount: must be one of puller, pusher, not ‘sideways’.',
        ];
        yield 'a number that is not one of a few' => [
            ['/supply/systemV' => 48],
            '/supply/systemV: must be one of 6, 12, 24, not 48.',
        ];
        yield 'no fans' => [
            ['/fans' => []],
            '/fans: needs at least 1 entry.',
        ];
        yield 'a name with capitals' => [
            ['/fans/0/id' => 'Fan One'],
            '/fans/0/id: must be small letters, digits and dashes, not ‘Fan One’.',
        ];
        yield 'something unknown' => [
            ['/supply/colour' => 'red'],
            '/supply/colour: is not known here.',
        ];
        yield 'something misspelt' => [
            ['/supply/batteryAH' => 70],
            '/supply/batteryAH: is not known here. Did you mean ‘batteryAh’?',
        ];
        yield 'the same fan twice' => [
            ['/control/stages/0/fans' => ['fan-1', 'fan-1']],
            '/control/stages/0/fans: names the same thing twice.',
        ];
        yield 'an object for a text' => [
            ['/job/notes' => ['a' => 1]],
            '/job/notes: must be string, not an object.',
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('misfits')]
    public function test_it_is_said_in_plain_words(array $changes, string $says): void
    {
        $file = Orchard::file($changes);
        $file['pinned'] = (object) [];
        try {
            (new Schema)->check('job', json_decode((string) json_encode($file)));
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertSame($says, Wording::english()->line($unusable->problems[0]));
        }
    }

    public function test_a_missing_field_is_named_where_it_should_be(): void
    {
        $file = Orchard::file();
        unset($file['supply']['restingV'], $file['cooling']);
        $file['pinned'] = (object) [];
        try {
            (new Schema)->check('job', json_decode((string) json_encode($file)));
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertEquals(new Problem('/cooling', Message::of('input.missing')), $unusable->problems[0]);
        }
    }

    public function test_what_fits_is_let_through(): void
    {
        $file = Orchard::file();
        $file['pinned'] = (object) [];
        (new Schema)->check('job', json_decode((string) json_encode($file)));
        $this->addToAssertionCount(1);
    }
}
