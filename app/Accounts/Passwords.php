<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Facades\Crypt;

/** What a password has to be: long, and none that everybody tries first. Common practice, as is the list, which was written from memory. */
final readonly class Passwords
{
    public const LEAST = 10;

    private const SYLLABLES = 6;

    /** Without those that are spelled in several ways. */
    private const CONSONANTS = 'bdfgklmnprstvz';

    private const VOWELS = 'aeiou';

    public function __construct(private Hasher $hasher, private Repository $cache)
    {
    }

    /** Whether it is this person's; it takes as long for one who has a password for once, and for nobody. */
    public function isOf(?User $user, #[\SensitiveParameter] string $password): bool
    {
        $once = $user === null ? null : self::once($user);
        $isRight = $this->hasher->check($password, $user === null || $once !== null ? $this->nobodys() : $user->password);

        return $once === null ? $user !== null && $isRight : hash_equals($once, $password);
    }

    /** The one for once that has not been used up; null where there is none. It is none any more where the key of the house is another. */
    public static function once(User $user): ?string
    {
        try {
            return $user->for_once === null ? null : Crypt::decryptString($user->for_once);
        } catch (DecryptException) {
            return bin2hex(random_bytes(16));
        }
    }

    /** A password that nobody has, hashed at the same cost as the others. */
    public function nobodys(): string
    {
        return $this->cache->rememberForever('nobody\'s password', fn (): string => $this->hasher->make(bin2hex(random_bytes(16))));
    }

    /** @return ?string the key of what is wrong with it, null where nothing is */
    public function objection(#[\SensitiveParameter] string $password, User $whose): ?string
    {
        return match (true) {
            mb_strlen($password) < self::LEAST => 'form.password-short',
            self::isCommon($password) => 'form.password-common',
            str_contains(mb_strtolower($password), mb_strtolower($whose->sign_in)) && mb_strlen($password) < mb_strlen($whose->sign_in) + self::LEAST => 'form.password-name',
            $this->isOf($whose, $password) => 'form.password-same',
            default => null,
        };
    }

    /** For once: easy to read aloud and to type, thirty-seven bits. */
    public static function forOnce(): string
    {
        return self::spoken(self::SYLLABLES);
    }

    /** By chance, easy to read aloud and to type: six bits a syllable. */
    public static function spoken(int $count): string
    {
        $syllables = [];
        for ($syllable = 0; $syllable < $count; $syllable++) {
            $syllables[] = self::CONSONANTS[random_int(0, strlen(self::CONSONANTS) - 1)].self::VOWELS[random_int(0, strlen(self::VOWELS) - 1)];
        }

        return implode('-', array_map(implode(...), array_chunk($syllables, 2)));
    }

    /** With or without digits and marks at its end, in capitals or not. */
    private static function isCommon(string $password): bool
    {
        $lower = mb_strtolower($password);

        return array_intersect([$lower, (string) preg_replace('/[^\p{L}]+$/u', '', $lower)], self::common()) !== [] || count(array_unique(mb_str_split($lower))) < 3;
    }

    /** @return list<string> */
    private static function common(): array
    {
        return file(resource_path('passwords/common.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
    }
}
