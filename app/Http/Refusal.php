<?php

declare(strict_types=1);

namespace App\Http;

use App\Design\Uncomputable;
use App\Models\OutOfStep;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\Log;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** How a request that cannot be met is answered: always a list of what is wrong and where. */
final class Refusal
{
    /** What SQLite says (https://www.sqlite.org/rescode.html): busy, locked; read only, input or output failed, full. */
    private const STORAGE = [5 => 503, 6 => 503, 8 => 507, 10 => 507, 13 => 507];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([InvalidInput::class, OutOfStep::class]);
        // What and where, without values: a message of the database repeats what was to be saved, customers among it.
        $exceptions->report(static function (Throwable $fault): bool {
            Log::error($fault::class, ['at' => "{$fault->getFile()}:{$fault->getLine()}", 'because' => self::cause($fault), 'path' => self::path($fault)]);

            return false;
        });
        $exceptions->render(static fn (InvalidInput $invalid): JsonResponse => self::answer($invalid->problems, 422));
        $exceptions->render(static fn (Uncomputable $fault): JsonResponse => self::whole('request.cannot-be-computed', 422));
        $exceptions->render(static fn (OutOfStep $outOfStep): JsonResponse => self::whole('request.out-of-step', 409));
        $exceptions->render(static fn (PostTooLargeException $tooLarge): JsonResponse => self::whole('request.too-large', 422));
        $exceptions->render(static function (Throwable $any, Request $request): JsonResponse|Response {
            $status = match (true) {
                $any instanceof HttpExceptionInterface => $any->getStatusCode(),
                $any instanceof TokenMismatchException => 419,
                $any instanceof PDOException => self::STORAGE[$any->errorInfo[1] ?? 0] ?? 500,
                default => 500,
            };

            $code = match ($status) {
                404 => 'request.not-found',
                405 => 'request.not-allowed',
                401 => 'request.sign-in',
                403 => $any->getMessage() === 'role' ? 'request.not-your-role' : 'request.other-site',
                419 => 'request.page-expired',
                421 => 'request.other-name',
                429 => 'request.too-often',
                503 => 'request.busy',
                507 => 'request.not-written',
                default => 'request.failed',
            };
            $told = $code === 'request.failed' ? ['request' => (string) Context::get('request')] : [];

            return $request->is('api/*') ? self::whole($code, $status, ...$told)
                : new Response(Wording::english()->text(Message::of($code, ...$told)), $status, ['Content-Type' => 'text/plain; charset=utf-8']);
        });
    }

    private static function whole(string $code, int $status, string ...$told): JsonResponse
    {
        return self::answer([new Problem('', Message::of($code, ...$told))], $status);
    }

    private static function cause(Throwable $fault): ?string
    {
        $cause = $fault->getPrevious();

        return $cause === null ? null : $cause::class." at {$cause->getFile()}:{$cause->getLine()}";
    }

    /** @return list<string> the places it came through in the program itself */
    private static function path(Throwable $fault): array
    {
        $frames = array_filter(($fault->getPrevious() ?? $fault)->getTrace(), static fn (array $frame): bool => ! str_contains($frame['file'] ?? '', '/vendor/'));

        return array_values(array_map(static fn (array $frame): string => ($frame['file'] ?? '').':'.($frame['line'] ?? 0), array_slice($frames, 0, 20)));
    }

    /** @param  non-empty-list<Problem>  $problems */
    private static function answer(array $problems, int $status): JsonResponse
    {
        return new JsonResponse(['problems' => Wording::english()->problems($problems)], $status);
    }
}
