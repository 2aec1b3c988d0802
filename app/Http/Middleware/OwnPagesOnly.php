<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Answers only under the names this program is served by, and only its own pages. A page of another site can send requests here from the same
 * browser: by a name that was made to point here, or as a form. Browsers say where a request comes from, and what changes something must be of
 * a type that no form can send.
 */
final class OwnPagesOnly
{
    private const TYPES = ['application/json', 'text/csv', 'application/octet-stream'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! in_array($request->getHost(), (array) config('app.hosts'), true)) {
            throw new HttpException(421);
        }
        if ($request->is('api/*')) {
            $this->check($request);
            $request->headers->set('Accept', 'application/json');
        }

        return $next($request);
    }

    private function check(Request $request): void
    {
        $site = $request->headers->get('Sec-Fetch-Site', 'none');
        $origin = $request->headers->get('Origin');
        if (! in_array($site, ['same-origin', 'none'], true) || ($origin !== null && $origin !== $request->getSchemeAndHttpHost())) {
            throw new HttpException(403);
        }
        $type = strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]));
        if (! $request->isMethodSafe() && ! in_array($type, self::TYPES, true)) {
            throw InvalidInput::at('', Message::of('request.content-type'));
        }
    }
}
