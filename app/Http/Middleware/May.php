<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\Audit;
use App\People\Visitor;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Lets through who may `ask`, `change` or `manage`, and writes down what was changed or managed. */
final readonly class May
{
    public function __construct(private Visitor $visitor) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $what): Response
    {
        if (! $this->visitor->may($what !== 'ask', $what === 'manage')) {
            throw new HttpException($this->visitor->person() === null ? 401 : 403, 'role');
        }
        $response = $next($request);
        if ($what !== 'ask' && ! $request->isMethod('GET') && $response->isSuccessful() && Visitor::areAsked()) {
            $subject = $request->attributes->get('subject') ?? current($request->route()?->originalParameters() ?? []);
            Audit::add((string) $this->visitor->name(), (string) $request->route()?->getName(), is_string($subject) ? $subject : '');
        }

        return $response;
    }
}
