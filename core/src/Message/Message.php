<?php

declare(strict_types=1);

namespace LampThread\Message;

/** Something to be said: a code of the message catalogue and the values its text needs. The core itself holds no sentences. */
final readonly class Message
{
    /** Code of the one message whose text is its parameter: a name a person has given. */
    public const VERBATIM = 'verbatim';

    /**
     * @param  string  $code  of lang/en.json
     * @param  array<string, Quantity|self|string|int|float|bool|list<self|string>>  $params  by name in the message's pattern
     */
    private function __construct(public string $code, public array $params) {}

    /** @param  Quantity|self|string|int|float|bool|list<self|string>  ...$params  named */
    public static function of(string $code, Quantity|self|string|int|float|bool|array ...$params): self
    {
        /** @var array<string, Quantity|self|string|int|float|bool|list<self|string>> $params */
        return new self($code, $params);
    }

    /** A text that is the same in every language: what a person has called something. */
    public static function verbatim(string $text): self
    {
        return new self(self::VERBATIM, ['text' => $text]);
    }
}
