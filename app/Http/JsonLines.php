<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\StreamedResponse;

/** An answer of one JSON text a line, each sent as soon as it is there. */
final class JsonLines
{
    /** @param  \Closure(): iterable<array<string, mixed>>  $rows */
    public static function response(\Closure $rows): StreamedResponse
    {
        return new StreamedResponse(static function () use ($rows): void {
            foreach ($rows() as $row) {
                echo json_encode($row, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
                if (ob_get_level() > 0) {
                    ob_flush();
                }
                flush();
            }
        }, headers: ['Content-Type' => 'application/x-ndjson']);
    }
}
