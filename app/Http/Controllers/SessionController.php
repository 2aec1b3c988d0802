<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\People\Audit;
use App\People\Deed;
use App\People\Person;
use App\People\Visitor;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Signing in and out, where the program is open to the shop. */
final readonly class SessionController
{
    private const TRIES = 5;

    private const TRIES_OF_ONE_ADDRESS = 30;

    private const WAIT_S = 60;

    public function __construct(private Factory $auth, private Visitor $visitor, private Body $body) {}

    public function show(): JsonResponse
    {
        $person = $this->visitor->person();

        return new JsonResponse([
            'isAsked' => Visitor::areAsked(),
            'person' => $person === null ? null : ['name' => $person->name, 'role' => $person->role->value],
            'mayChange' => $this->visitor->may(Deed::Change),
            'mayManage' => $this->visitor->may(Deed::Manage),
        ]);
    }

    public function signIn(Request $request): JsonResponse
    {
        $asked = $this->body->of($request, 'sign-in-request');
        $this->slowDown($request, $asked->name);
        $person = Person::query()->where('name', $asked->name)->first();
        if (! Person::fits($asked->password, $person?->password) || $person === null) {
            Audit::add($asked->name, 'session.refused');
            throw InvalidInput::at('', Message::of('people.sign-in-refused'));
        }

        return $this->begin($request, $person, 'session.begin');
    }

    /** With a code that was handed over: chooses the password and signs in. */
    public function useCode(Request $request): JsonResponse
    {
        $asked = $this->body->of($request, 'code-request');
        $this->slowDown($request, $asked->name);
        $person = Person::query()->where('name', $asked->name)->first();
        if (! ($person ?? new Person)->takesCode($asked->code) || $person === null) {
            Audit::add($asked->name, 'session.code-refused');
            throw InvalidInput::at('/code', Message::of('people.code-refused'));
        }
        $person->choosePassword($asked->password);

        return $this->begin($request, $person, 'session.code-used');
    }

    public function signOut(Request $request): JsonResponse
    {
        $name = $this->visitor->name();
        if ($name !== null) {
            Audit::add($name, 'session.end');
            $this->guard()->logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();
        }

        return $this->show();
    }

    private function begin(Request $request, Person $person, string $action): JsonResponse
    {
        RateLimiter::clear($this->key($request, $person->name));
        $this->guard()->login($person);
        $request->session()->regenerate();
        Audit::add($person->name, $action);

        return $this->show();
    }

    private function slowDown(Request $request, string $name): void
    {
        foreach ([$this->key($request, $name) => self::TRIES, 'address:'.$request->ip() => self::TRIES_OF_ONE_ADDRESS] as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                throw new TooManyRequestsHttpException(RateLimiter::availableIn($key));
            }
            RateLimiter::hit($key, self::WAIT_S);
        }
    }

    private function key(Request $request, string $name): string
    {
        return 'name:'.md5(mb_strtolower($name).'|'.$request->ip());
    }

    private function guard(): StatefulGuard
    {
        $guard = $this->auth->guard();
        assert($guard instanceof StatefulGuard);

        return $guard;
    }
}
