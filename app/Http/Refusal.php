<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\OutOfStep;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Brief\Problem;
use LampThread\Brief\Unusable;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** How a request that cannot be met is answered: always a list of what is wrong and where. */
final class Refusal
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Unusable::class, OutOfStep::class]);
        $exceptions->render(static fn (Unusable $unusable): JsonResponse => self::answer($unusable->problems, 422));
        $exceptions->render(static fn (OutOfStep $outOfStep): JsonResponse => self::answer(
            [new Problem('', $outOfStep->getMessage())],
            409,
        ));
        $exceptions->render(static fn (PostTooLargeException $tooLarge): JsonResponse => self::answer(
            [new Problem('', 'is larger than any job file.')],
            422,
        ));
        $exceptions->render(static function (Throwable $any, Request $request): ?JsonResponse {
            if (! $request->is('api/*')) {
                return null;
            }
            $status = $any instanceof HttpExceptionInterface ? $any->getStatusCode() : 500;

            return self::answer([new Problem('', match ($status) {
                404 => 'There is no such job or page.',
                405 => 'That cannot be done there.',
                default => 'Something went wrong on our side; nothing was changed.',
            })], $status);
        });
    }

    /** @param  non-empty-list<Problem>  $problems */
    private static function answer(array $problems, int $status): JsonResponse
    {
        return new JsonResponse(['problems' => array_map(get_object_vars(...), $problems)], $status);
    }
}
