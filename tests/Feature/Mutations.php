<?php

declare(strict_types=1);

namespace Tests\Feature;

use Random\Randomizer;

/** Spoils what is sent: single values, keys and bytes of something sound, as broken programs and ill-meaning people do. */
final readonly class Mutations
{
    public function __construct(private Randomizer $random) {}

    /** @param  mixed  $sound  decoded JSON */
    public function json(mixed $sound): string
    {
        $data = $sound;
        for ($count = $this->random->getInt(1, 3); $count > 0; $count--) {
            $data = $this->spoiled($data, $this->random->getInt(1, 8));
        }
        $json = json_encode($data, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_UNESCAPED_SLASHES);
        $plain = (string) json_encode(json_decode((string) $json), JSON_UNESCAPED_UNICODE);
        $json = str_replace(['"∞"', '"−∞"', '"20 digits"'], ['1e999', '-1e999', '12345678901234567890'], $plain);

        return $this->random->getInt(1, 5) === 1 ? $this->text($json) : $json;
    }

    /** Bytes taken out, put in, doubled or cut off. */
    public function text(string $sound): string
    {
        for ($count = $this->random->getInt(1, 3); $count > 0; $count--) {
            $at = $this->random->getInt(0, max(0, strlen($sound) - 1));
            $sound = match ($this->random->getInt(1, 6)) {
                1 => substr($sound, 0, $at),
                2 => substr_replace($sound, $this->one(["\0", "\xFF", "\xC3", '"', '{', '[', ',', "\r", '-', '=', "\u{202E}", '1e99', ',,,,,,']), $at, 0),
                3 => substr_replace($sound, '', $at, $this->random->getInt(1, 20)),
                4 => substr($sound, 0, $at).substr($sound, (int) ($at / 2)),
                5 => str_repeat($sound, 2),
                default => "\xFF\xFE".$sound,
            };
        }

        return $sound;
    }

    public function query(): string
    {
        return http_build_query([
            $this->one(['search', 'in', 'state', 'sort', 'after', 'name', 'key', 'coolantC', 'x']) => $this->one([
                'desk', "\xFF", ['a' => ['b']], str_repeat('x', 5000), '%00', '-1', 'WyIyMDI2IiwiYSJd', '1e999', '"', 'on', '', '0', '*', '🜂',
            ]),
        ]);
    }

    private function spoiled(mixed $data, int $depth): mixed
    {
        if ((! is_array($data) && ! $data instanceof \stdClass) || $depth === 0 || (array) $data === []) {
            return $this->odd($data);
        }
        $entries = (array) $data;
        $key = array_keys($entries)[$this->random->getInt(0, count($entries) - 1)];
        match ($this->random->getInt(1, 10)) {
            1 => $entries = array_diff_key($entries, [$key => 0]),
            2 => $entries[$this->one(['', '0', '__proto__', 'id', 'kind', '/', '~', "\u{0}", str_repeat('k', 300)])] = $this->odd($entries[$key]),
            3 => $entries[$key] = [$entries[$key], $entries[$key]],
            default => $entries[$key] = $this->spoiled($entries[$key], $depth - 1),
        };

        return is_array($data) && array_is_list($data) ? array_values($entries) : (object) $entries;
    }

    private function odd(mixed $sound): mixed
    {
        return $this->one([
            null, true, false, 0, -1, 1, 0.5, -0.0, 1e300, 4, 40, 400, '∞', '−∞', '20 digits', '', ' ', 'x', '12 V', "\u{0}", "a\u{1}b", '<b>', '=1+1', '../../etc',
            str_repeat('long ', 4000), [], new \stdClass, [[]], ['a' => 1], array_fill(0, 400, 1), ['fan-1', 'fan-1'], 'fan-1', 'fan-2-fuse', 'alternator',
            is_numeric($sound) ? $sound * 1000 : $sound, is_numeric($sound) ? -$sound : 'relay', is_numeric($sound) ? (string) $sound : 1e9, [$sound], ['x' => $sound],
            array_reduce(range(1, 60), static fn (mixed $inner): array => [$inner], 1),
        ]);
    }

    /** @param  non-empty-list<mixed>  $of */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
