<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;

/** The accounts that ship with the demo, as long as they have the password that stands in the handbook of the demo. */
final readonly class DemoAccounts
{
    public const PASSWORD = 'lindenhof';

    public const SIGN_INS = ['amsel', 'kessel', 'arlo', 'bente', 'cem', 'dilan'];

    public function __construct(private Hasher $hasher)
    {
    }

    /** @return list<string> sign-ins with which everybody can come in who has read the demo's page; looking takes a second or two */
    public function open(): array
    {
        $people = User::query()->whereIn('sign_in', self::SIGN_INS)->whereNull('for_once')->orderBy('id')->get();

        return array_values($people->filter(fn (User $one): bool => $this->hasher->check(self::PASSWORD, $one->password))->pluck('sign_in')->all());
    }
}
