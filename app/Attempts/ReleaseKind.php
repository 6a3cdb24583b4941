<?php

declare(strict_types=1);

namespace App\Attempts;

/** What opens the reports of a published case to its apprentices. */
enum ReleaseKind: string
{
    case AtOnce = 'at-once';

    case ByInstructor = 'instructor';

    case AtDate = 'date';

    /** When the whole group has closed it, at the latest at a date. */
    case WhenAllAreDone = 'all-done';

    public function needsDate(): bool
    {
        return $this === self::AtDate || $this === self::WhenAllAreDone;
    }
}
