<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Symfony\Component\HttpFoundation\Response;

/** Gives every request a number that stands in its answer, in what is said of a fault, and in the log. */
final class Numbered
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $number = bin2hex(random_bytes(6));
        Context::add('request', $number);
        $response = $next($request);
        $response->headers->set('X-Request-Id', $number);

        return $response;
    }
}
