<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Contracts\Hashing\Hasher;

/** What a password has to be: long, and none that everybody tries first. Common practice, as is the list, which was written from memory. */
final readonly class Passwords
{
    public const LEAST = 10;

    private const SYLLABLES = 6;

    /** Without those that are spelled in several ways. */
    private const CONSONANTS = 'bdfgklmnprstvz';

    private const VOWELS = 'aeiou';

    public function __construct(private Hasher $hasher)
    {
    }

    /** @return ?string the key of what is wrong with it, null where nothing is */
    public function objection(#[\SensitiveParameter] string $password, User $whose): ?string
    {
        return match (true) {
            mb_strlen($password) < self::LEAST => 'form.password-short',
            self::isCommon($password) => 'form.password-common',
            str_contains(mb_strtolower($password), mb_strtolower($whose->sign_in)) && mb_strlen($password) < mb_strlen($whose->sign_in) + self::LEAST => 'form.password-name',
            $this->hasher->check($password, $whose->password) => 'form.password-same',
            default => null,
        };
    }

    /** For once: easy to read aloud and to type, thirty-seven bits. */
    public static function forOnce(): string
    {
        $syllables = [];
        for ($syllable = 0; $syllable < self::SYLLABLES; $syllable++) {
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
