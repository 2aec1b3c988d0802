<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Handover\Picture;
use Closure;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Logs are read as they stream in and may be long, photographs are large; anything else that comes in is held in memory, and is bounded before it is. */
final class BoundedBody
{
    public const MOST_BYTES = 8_000_000;

    public const MOST_LOG_BYTES = 64_000_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $most = match (true) {
            $request->is('api/jobs/*/logs') => self::MOST_LOG_BYTES,
            $request->is('api/jobs/*/photographs') => Picture::MOST_BYTES,
            default => self::MOST_BYTES,
        };

        return (int) $request->headers->get('Content-Length', '0') <= $most ? $next($request) : throw new PostTooLargeException;
    }
}
