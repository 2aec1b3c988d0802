<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\Audit;
use App\People\Deed;
use App\People\Visitor;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Lets through whom a door is for, and writes down what was changed or managed, what left the shop, and who was refused. */
final readonly class May
{
    public function __construct(private Visitor $visitor) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $what): Response
    {
        if (! $this->visitor->may(Deed::from($what))) {
            throw self::refusal($this->visitor, $request);
        }
        $response = $next($request);
        // A door with a name is one whose use is written down.
        $route = $request->route();
        if ($route instanceof Route && $route->getName() !== null && $response->isSuccessful() && Visitor::areAsked()) {
            $subject = $request->attributes->get('subject') ?? current($route->originalParameters());
            Audit::add((string) $this->visitor->name(), (string) $route->getName(), is_string($subject) ? $subject : '');
        }

        return $response;
    }

    /** Of a door that is not for whoever asks; written down where it is known who that is. */
    public static function refusal(Visitor $visitor, Request $request): HttpException
    {
        $name = $visitor->name();
        if ($name !== null) {
            Audit::add($name, 'role.refused', $request->method().' '.$request->path());
        }

        return new HttpException(Visitor::areAsked() && $name === null ? 401 : 403, 'role');
    }
}
