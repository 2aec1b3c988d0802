<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\Message;
use LampThread\Message\Quantity;

/** The texts of all messages in one language: ICU patterns by code, read by PHP's intl as the browser reads them. */
final class MessageCatalogue
{
    private const FOLDER = __DIR__.'/../../../lang/';

    /** @var array<string, \MessageFormatter> by code */
    private array $formatters = [];

    /** @var array<string, string> texts of messages without values, by code */
    private array $plain = [];

    /** @param  array<string, string>  $patterns  by code */
    public function __construct(private readonly array $patterns, private readonly string $locale = 'en') {}

    public static function english(): self
    {
        return new self(json_decode((string) file_get_contents(self::FOLDER.'en.json'), true, flags: JSON_THROW_ON_ERROR));
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_keys($this->patterns);
    }

    public function has(string $code): bool
    {
        return isset($this->patterns[$code]);
    }

    /** @throws \OutOfBoundsException for a code the catalogue does not have */
    public function text(Message $message): string
    {
        if ($message->params === []) {
            return $this->plain[$message->code] ??= $this->asItStands($message->code) ?? $this->formatted($message);
        }

        return $this->formatted($message);
    }

    /** A pattern that has nothing to fill in or to unquote, which is its own text; null for others. */
    private function asItStands(string $code): ?string
    {
        $pattern = $this->patterns[$code] ?? '{';

        return strpbrk($pattern, "{'") === false ? $pattern : null;
    }

    private function formatted(Message $message): string
    {
        $values = [];
        foreach ($message->params as $name => $value) {
            $values[$name] = match (true) {
                // A list is joined with commas, one of whole sentences with spaces.
                is_array($value) => implode(
                    $name === 'sentences' ? ' ' : ', ', array_map(fn (Message|string $one): string => is_string($one) ? $one : $this->text($one), $value),
                ),
                is_bool($value) => $value ? 'true' : 'false',
                $value instanceof Quantity => self::quantity($value),
                $value instanceof Message => $this->text($value),
                default => $value,
            };
        }
        $formatter = $this->formatters[$message->code] ??= $this->formatter($message->code);
        $text = $formatter->format($values);

        return $text === false ? throw new \UnexpectedValueException("{$message->code}: {$formatter->getErrorMessage()}") : $text;
    }

    private function formatter(string $code): \MessageFormatter
    {
        $pattern = $this->patterns[$code] ?? throw new \OutOfBoundsException("The catalogue has no message {$code}.");

        return \MessageFormatter::create($this->locale, $pattern) ?? throw new \UnexpectedValueException("{$code}: {$pattern} is no ICU message.");
    }

    /** A quantity with its unit: three figures, as many as the models behind them are good for. */
    public static function quantity(Quantity $quantity): string
    {
        return rtrim(self::digits($quantity->value).' '.$quantity->unit->value);
    }

    /** Three figures or so, without trailing zeros; small values keep two significant ones. */
    public static function digits(float $value): string
    {
        if (! is_finite($value)) {
            return '—';
        }
        $size = abs($value);
        $decimals = match (true) {
            $size >= 100.0 => 0,
            $size >= 10.0 => 1,
            $size >= 0.1 || $size === 0.0 => 2,
            default => (int) ceil(-log10($size)) + 1,
        };
        $text = number_format($value, min($decimals, 9), '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
