<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\Log\LogPresenter;
use LampThread\Exchange\Log\LogReader;
use LampThread\Road\Log;
use PHPUnit\Framework\Assert;

/** Logs as text, read as they come in. */
final class LogText
{
    /**
     * @param  array<string, mixed>|null  $mapping  null as the header lets expect
     * @param  array<string, string>  $units  channel to a unit told by hand, as the header does not
     */
    public static function read(string $text, ?array $mapping = null, array $units = []): Log
    {
        $mapping ??= (array) LogPresenter::columns(self::stream($text))['mapping'];
        foreach ($units as $channel => $unit) {
            $mapping[$channel]['unit'] = $unit;
        }

        return LogReader::read(self::stream($text), $mapping);
    }

    /** @return resource */
    private static function stream(string $text)
    {
        $stream = fopen('php://memory', 'r+') ?: Assert::fail('no memory');
        fwrite($stream, $text);
        rewind($stream);

        return $stream;
    }
}
