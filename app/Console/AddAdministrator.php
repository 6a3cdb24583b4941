<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** A school that was set up without an administrator gets one. */
final class AddAdministrator extends Command
{
    protected $signature = 'accounts:administrator {sign-in} {name}';

    protected $description = 'Add an administrator, who reads the whole log of the house; prints the password';

    private const LENGTH = 16;

    public function handle(): int
    {
        $signIn = $this->argument('sign-in');
        if (User::query()->where('sign_in', $signIn)->exists()) {
            $this->error("Somebody signs in as $signIn already.");

            return self::FAILURE;
        }
        $password = Str::password(self::LENGTH, symbols: false);
        User::query()->create(['sign_in' => $signIn, 'name' => $this->argument('name'), 'role' => Role::Administrator, 'password' => $password]);
        $this->line("$signIn signs in with $password");

        return self::SUCCESS;
    }
}
