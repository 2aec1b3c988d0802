<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Contracts\Auth\Factory;
use Illuminate\Support\Facades\DB;

/** Who asks: a person where accounts are asked for, anybody at this machine where not. */
final readonly class Visitor
{
    private const HIDES = 'readers-see-no-customers';

    public function __construct(private Factory $auth) {}

    /** Whether the program is open to the shop, and so asks who it is. */
    public static function areAsked(): bool
    {
        return (bool) config('app.accounts');
    }

    public function person(): ?Person
    {
        $person = self::areAsked() ? $this->auth->guard()->user() : null;

        return $person instanceof Person ? $person : null;
    }

    /** As it stands beside a change; null on one machine alone. */
    public function name(): ?string
    {
        return $this->person()?->name;
    }

    public function may(Deed $deed): bool
    {
        $role = $this->person()?->role;

        return self::areAsked() ? $role !== null && $deed->isFor($role) : $deed->isForAnyone();
    }

    public function seesCustomers(): bool
    {
        return $this->person()?->role !== Role::Reader || ! self::hidesCustomers();
    }

    public static function hidesCustomers(): bool
    {
        return DB::table('settings')->where('name', self::HIDES)->value('value') === 'yes';
    }

    public static function hideCustomers(bool $hide): void
    {
        DB::table('settings')->updateOrInsert(['name' => self::HIDES], ['value' => $hide ? 'yes' : 'no']);
    }
}
