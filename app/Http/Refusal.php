<?php

declare(strict_types=1);

namespace App\Http;

use App\Design\Uncomputable;
use App\Models\OutOfStep;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** How a request that cannot be met is answered: always a list of what is wrong and where. */
final class Refusal
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([InvalidInput::class, OutOfStep::class]);
        $exceptions->render(static fn (InvalidInput $invalid): JsonResponse => self::answer($invalid->problems, 422));
        $exceptions->render(static fn (Uncomputable $fault): JsonResponse => self::whole('request.cannot-be-computed', 422));
        $exceptions->render(static fn (OutOfStep $outOfStep): JsonResponse => self::whole('request.out-of-step', 409));
        $exceptions->render(static fn (PostTooLargeException $tooLarge): JsonResponse => self::whole('request.too-large', 422));
        $exceptions->render(static function (Throwable $any, Request $request): ?JsonResponse {
            if (! $request->is('api/*')) {
                return null;
            }
            $status = $any instanceof HttpExceptionInterface ? $any->getStatusCode() : 500;

            return self::whole(match ($status) {
                404 => 'request.not-found',
                405 => 'request.not-allowed',
                403 => 'request.other-site',
                421 => 'request.other-name',
                default => 'request.failed',
            }, $status);
        });
    }

    private static function whole(string $code, int $status): JsonResponse
    {
        return self::answer([new Problem('', Message::of($code))], $status);
    }

    /** @param  non-empty-list<Problem>  $problems */
    private static function answer(array $problems, int $status): JsonResponse
    {
        return new JsonResponse(['problems' => Wording::english()->problems($problems)], $status);
    }
}
