<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\CaseVersion;
use App\Models\User;
use Illuminate\Support\Str;

/** From what the deviations of an attempt's car are drawn: by chance, or the same each time where config/lernfall.php sets a text. */
final readonly class AttemptSeed
{
    private const LENGTH = 24;

    public function __construct(private string $fixed)
    {
    }

    /** @param  int  $number  which of this apprentice's jobs of it */
    public function draw(CaseVersion $job, User $apprentice, int $number = 1): string
    {
        return $this->fixed === ''
            ? Str::random(self::LENGTH)
            : substr(hash('sha256', implode('|', [$this->fixed, $job->case_draft_id, $apprentice->sign_in, ...($number === 1 ? [] : [$number])])), 0, self::LENGTH);
    }
}
