<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;

/** Whether a name and a password belong together. It takes as long for a name that nobody has. */
final readonly class SigningIn
{
    public function __construct(private Passwords $passwords, private SlowedTries $tries, private HouseLog $log)
    {
    }

    /**
     * @return ?User null where they do not belong together
     *
     * @throws TooSoon
     */
    public function with(string $name, #[\SensitiveParameter] string $password, string $address): ?User
    {
        $wait = $this->tries->wait($name, $address);
        if ($wait > 0) {
            throw new TooSoon($wait);
        }
        $user = User::query()->where('sign_in', $name)->first();
        $isRight = $this->passwords->isOf($user, $password); // of nobody as well
        if ($user === null || ! $isRight) {
            $this->failed($user, $name, $address);

            return null;
        }
        $this->tries->succeeded($name, $address);

        return $user;
    }

    private function failed(?User $user, string $name, string $address): void
    {
        $this->tries->failed($name, $address);
        $wait = $this->tries->wait($name, $address);
        $this->log->note(LogKind::SignInFailed, $user, typed: $name);
        if ($wait > 0) {
            $this->log->note(LogKind::SignInSlowed, $user, "$wait s", $name);
        }
    }
}
