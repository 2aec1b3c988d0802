<?php

declare(strict_types=1);

namespace App\People;

use Carbon\Carbon;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/**
 * Someone who works here.
 *
 * @property int $id
 * @property string $name
 * @property Role $role
 * @property string|null $password hash
 * @property string|null $code hash
 * @property Carbon|null $code_ends_at
 */
final class Person extends User
{
    /** A code is handed over in the shop, not sent round the world. */
    private const CODE_HOURS = 48;

    /** Hash of no word. */
    private const NOBODY = '$2y$12$C6UzMDM.H6dfI/f/IKcEe.6m8bEtIYcZ8yJ8v5bG1kBB0lPq2aS1W';

    protected $table = 'people';

    protected $guarded = [];

    protected $hidden = ['password', 'code'];

    /** Nobody is remembered past a session. */
    protected $rememberTokenName = '';

    protected function casts(): array
    {
        return ['role' => Role::class, 'code_ends_at' => 'datetime'];
    }

    /** A new code, with which this person chooses a password; the password there was no longer opens anything. */
    public function giveCode(): string
    {
        // Without letters and digits that are taken for each other: about 49 bits.
        $letters = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
        $code = implode('-', array_map(
            static fn (): string => implode('', array_map(static fn (): string => $letters[random_int(0, strlen($letters) - 1)], range(1, 5))), range(1, 2),
        ));
        $this->forceFill(['password' => null, 'code' => Hash::make($code), 'code_ends_at' => now()->addHours(self::CODE_HOURS)])->save();
        $this->endSessions();

        return $code;
    }

    public function takesCode(string $code): bool
    {
        return self::fits(strtoupper(trim($code)), $this->code) && $this->code_ends_at?->isFuture() === true;
    }

    /** Takes as long where there is nothing to fit, so that nobody learns by the clock who is here and who awaits a code. */
    public static function fits(string $given, ?string $hash): bool
    {
        return Hash::check($given, $hash ?? self::NOBODY) && $hash !== null;
    }

    public function choosePassword(string $password): void
    {
        $this->forceFill(['password' => Hash::make($password), 'code' => null, 'code_ends_at' => null])->save();
    }

    public function endSessions(?string $except = null): void
    {
        DB::table('sessions')->where('user_id', $this->id)->where('id', '!=', $except ?? '')->delete();
    }
}
