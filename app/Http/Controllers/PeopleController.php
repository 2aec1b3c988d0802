<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\People\Audit;
use App\People\Person;
use App\People\PersonName;
use App\People\Role;
use App\People\Visitor;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Who works here: the owner adds people, hands them codes, ends their sessions, and reads who did what. */
final readonly class PeopleController
{
    public function __construct(private Body $body) {}

    public function index(): JsonResponse
    {
        $sessions = DB::table('sessions')->whereNotNull('user_id')->selectRaw('user_id, count(*) as open')->groupBy('user_id')->pluck('open', 'user_id');

        return new JsonResponse([
            'people' => array_values(Person::query()->orderBy('name')->get()->map(static fn (Person $person): array => [
                'id' => $person->id, 'name' => $person->name, 'role' => $person->role->value, 'sessions' => (int) ($sessions[$person->id] ?? 0),
                'awaitsCode' => $person->password === null,
            ])->all()),
            'hidesCustomers' => Visitor::hidesCustomers(),
            'audit' => Audit::latest(),
        ]);
    }

    public function add(Request $request): JsonResponse
    {
        $asked = $this->body->of($request, 'person-request');
        $person = DB::transaction(static fn (): Person => Person::query()->create(['name' => PersonName::of($asked->name)->text, 'role' => $asked->role]));
        $request->attributes->set('subject', $person->name);

        return new JsonResponse(['name' => $person->name, 'code' => $person->giveCode()], 201);
    }

    public function giveCode(Request $request, string $id): JsonResponse
    {
        $person = self::meant($request, $id);

        return new JsonResponse(['name' => $person->name, 'code' => $this->keepingAnOwner($person, static fn (): string => $person->giveCode())]);
    }

    public function change(Request $request, string $id): JsonResponse
    {
        $asked = $this->body->of($request, 'role-request');
        $person = self::meant($request, $id);
        $change = static fn (): bool => $person->forceFill(['role' => $asked->role])->save();
        Role::from($asked->role)->manages() ? $change() : $this->keepingAnOwner($person, $change);

        return $this->index();
    }

    public function signOut(Request $request, string $id): JsonResponse
    {
        self::meant($request, $id)->endSessions();

        return $this->index();
    }

    public function remove(Request $request, string $id): JsonResponse
    {
        $person = self::meant($request, $id);
        $this->keepingAnOwner($person, static function () use ($person): bool {
            $person->endSessions();

            return (bool) $person->delete();
        });

        return $this->index();
    }

    public function hideCustomers(Request $request): JsonResponse
    {
        Visitor::hideCustomers($this->body->of($request, 'hide-customers-request')->hidesCustomers);

        return $this->index();
    }

    /** The audit trail names people as they are called, not by number. */
    private static function meant(Request $request, string $id): Person
    {
        $person = Person::query()->findOrFail($id);
        $request->attributes->set('subject', $person->name);

        return $person;
    }

    /**
     * Without an owner nobody could let anyone in again. Nobody else changes people between the look and the change.
     *
     * @template T
     *
     * @param  \Closure(): T  $change
     * @return T
     *
     * @throws InvalidInput
     */
    private function keepingAnOwner(Person $leaving, \Closure $change): mixed
    {
        return DB::transaction(static function () use ($leaving, $change): mixed {
            $leaving->refresh();
            $others = Person::query()->where('role', Role::Owner->value)->whereNotNull('password')->where('id', '!=', $leaving->id)->count();
            if ($leaving->role === Role::Owner && $leaving->password !== null && $others === 0) {
                throw InvalidInput::at('', Message::of('people.last-owner'));
            }

            return $change();
        });
    }
}
