<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use Symfony\Component\HttpFoundation\Response;

/**
 * What changes something must come as JSON, or as a CSV file. A page of another site cannot send that here without being asked first, and nobody
 * answers it, so the workshop's jobs are safe from pages open in the next tab.
 */
final class JsonOrCsv
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && ! $request->isJson() && $request->header('Content-Type') !== 'text/csv') {
            throw InvalidInput::at('', Message::of('request.content-type'));
        }
        $request->headers->set('Accept', 'application/json');

        return $next($request);
    }
}
