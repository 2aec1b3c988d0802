<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\Visitor;
use Closure;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Illuminate\Pipeline\Pipeline;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/** Sessions, and the framework's guard against foreign forms with them, where accounts are asked for; nothing of it on one machine alone. */
final readonly class OpenToTheShop
{
    private const SESSIONS = [EncryptCookies::class, AddQueuedCookiesToResponse::class, StartSession::class, ValidateCsrfToken::class];

    public function __construct(private Pipeline $pipeline) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return Visitor::areAsked() ? $this->pipeline->send($request)->through(self::SESSIONS)->then($next) : $next($request);
    }
}
