<?php

declare(strict_types=1);

namespace App\Desk;

use App\Models\JobState;
use Illuminate\Http\Request;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Which jobs are asked for, read from the query of an address. */
final readonly class JobQuery
{
    private const LONGEST_SEARCH = 200;

    private const MOST_WORDS = 10;

    /** @param  array{string, string}|null  $after  what the last row of the page before was sorted by, and its id */
    private function __construct(public Drawer $drawer, public ?JobState $state, public JobSort $sort, public string $search, public ?array $after) {}

    /** @throws InvalidInput naming the part of the query */
    public static function read(Request $request): self
    {
        return new self(
            self::oneOf($request, 'in', Drawer::class) ?? Drawer::Desk,
            self::oneOf($request, 'state', JobState::class),
            self::oneOf($request, 'sort', JobSort::class) ?? JobSort::Changed,
            mb_substr(self::text($request, 'search'), 0, self::LONGEST_SEARCH),
            self::place(self::text($request, 'after')),
        );
    }

    /** @param  array{string, string}  $place */
    public static function cursor(array $place): string
    {
        return rtrim(strtr(base64_encode((string) json_encode($place, JSON_INVALID_UTF8_SUBSTITUTE)), '+/', '-_'), '=');
    }

    /**
     * Each word as the start of one, for the index of words; null where nothing is searched for.
     *
     * @param  list<string>  $except  columns that are not searched
     */
    public function words(array $except): ?string
    {
        preg_match_all('/[\p{L}\p{N}]+/u', $this->search, $found);
        $words = array_slice($found[0], 0, self::MOST_WORDS);

        $quoted = implode(' ', array_map(static fn (string $word): string => "\"{$word}\"*", $words));

        return match (true) {
            $words === [] => null,
            $except === [] => $quoted,
            default => '- {'.implode(' ', $except)."} : ({$quoted})",
        };
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    private static function oneOf(Request $request, string $name, string $enum): ?\BackedEnum
    {
        $text = self::text($request, $name);

        return $text === '' ? null : $enum::tryFrom($text) ?? throw InvalidInput::at(
            $name, Message::of('input.not-one-of', given: $text, options: array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases())),
        );
    }

    private static function text(Request $request, string $name): string
    {
        $value = $request->query($name, '');

        return is_string($value) && mb_check_encoding($value, 'UTF-8') ? $value : throw InvalidInput::at($name, Message::of('input.must-be-text'));
    }

    /**
     * @return array{string, string}|null
     *
     * @throws InvalidInput
     */
    private static function place(string $cursor): ?array
    {
        if ($cursor === '') {
            return null;
        }
        $place = json_decode((string) base64_decode(strtr($cursor, '-_', '+/'), true), true);
        if (! is_array($place) || ! is_string($place[0] ?? null) || ! is_string($place[1] ?? null)) {
            throw InvalidInput::at('after', Message::of('input.no-such-page'));
        }

        return [$place[0], $place[1]];
    }
}
