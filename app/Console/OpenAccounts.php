<?php

declare(strict_types=1);

namespace App\Console;

use App\Accounts\DemoAccounts;
use App\Models\User;
use Illuminate\Console\Command;

/** Tells which demo accounts anybody could sign in with. */
final class OpenAccounts extends Command
{
    protected $signature = 'accounts:open {--nobody : succeed only where there is no account at all}';

    protected $description = 'List the demo accounts that still have the demo password';

    public function handle(DemoAccounts $accounts): int
    {
        if ($this->option('nobody')) {
            return User::query()->exists() ? self::FAILURE : self::SUCCESS;
        }
        foreach ($accounts->open() as $signIn) {
            $this->line($signIn);
        }

        return self::SUCCESS;
    }
}
