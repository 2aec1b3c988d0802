<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Component\Key;
use LampThread\Exchange\ConditionsReader;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OperatingConditionsTest extends TestCase
{
    private const SWITCHES = ['override' => ['off', 'on']];

    public function test_what_is_not_said_is_at_rest(): void
    {
        $setting = ConditionsReader::read([], self::SWITCHES);

        self::assertSame(Key::Off, $setting->key);
        self::assertSame(0.0, $setting->engineRpm);
        self::assertSame(20.0, $setting->coolantC);
        self::assertSame('off', $setting->position('override', 'off'));
    }

    public function test_values_come_as_text_or_as_numbers(): void
    {
        $text = ConditionsReader::read(
            ['key' => 'crank', 'engineRpm' => '850', 'coolantC' => '95.5', 'override' => 'on'],
            self::SWITCHES,
        );
        $numbers = ConditionsReader::read(
            ['key' => 'crank', 'engineRpm' => 850, 'coolantC' => 95.5, 'override' => 'on'],
            self::SWITCHES,
        );

        self::assertEquals($numbers, $text);
        self::assertSame('on', $text->position('override', 'off'));
    }

    public function test_memory_keeps_positions_and_drops_what_is_none(): void
    {
        $setting = ConditionsReader::read([], [], ['relay' => 1, 'odd' => 'closed']);

        self::assertSame(['relay' => 1], $setting->memory);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function wrong(): iterable
    {
        yield 'a key there is not' => [
            ['key' => 'start'],
            ['key'],
        ];
        yield 'a list for a key' => [
            ['key' => ['run']],
            ['key'],
        ];
        yield 'hotter than anything' => [
            ['coolantC' => 900],
            ['coolantC'],
        ];
        yield 'text for a temperature' => [
            ['coolantC' => 'hot'],
            ['coolantC'],
        ];
        yield 'running backwards' => [
            ['engineRpm' => -1],
            ['engineRpm'],
        ];
        yield 'a position there is not' => [
            ['override' => 'half'],
            ['override'],
        ];
        yield 'an input there is not' => [
            ['moon' => 'full'],
            ['moon'],
        ];
        yield 'three things at once' => [
            ['moon' => 'full', 'engineRpm' => 1e9, 'key' => 'x'],
            ['moon', 'key', 'engineRpm'],
        ];
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<string>  $named
     */
    #[DataProvider('wrong')]
    public function test_each_wrong_input_is_named(array $values, array $named): void
    {
        try {
            ConditionsReader::read($values, self::SWITCHES);
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertSame(
                $named,
                array_map(static fn (Problem $problem): string => $problem->at, $unusable->problems),
            );
        }
    }

    public function test_an_unknown_input_is_answered_with_those_there_are(): void
    {
        try {
            ConditionsReader::read(['moon' => 'full'], self::SWITCHES);
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            self::assertEquals(
                Message::of('input.no-such-input', inputs: ['key', 'engineRpm', 'coolantC', 'elapsedS', 'override']), $invalid->problems[0]->message,
            );
        }
    }
}
